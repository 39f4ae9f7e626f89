package org.zipthimble.desktop;

import java.util.Locale;
import javafx.application.Application;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.layout.StackPane;
import org.zipthimble.core.store.Settings;
import org.zipthimble.desktop.state.Preferences;

/** Gives a scene the look that was chosen: linen by day, the night bench, and type in popups at the interface's scale. */
final class SceneLooks {
  private static final double TYPE = 13;
  private static final String GROUND = SceneLooks.class.getResource("ground.css").toExternalForm();

  private SceneLooks() {}

  /** Has every control begin from the few rules it needs instead of all that the toolkit brings; the sooner the better. */
  static void ground() {
    if (!GROUND.equals(Application.getUserAgentStylesheet())) {
      Application.setUserAgentStylesheet(GROUND);
    }
  }

  static void follow(Scene scene, Preferences preferences) {
    put(scene, preferences.now());
    preferences.settingsProperty().addListener((o, was, is) -> {
      if (was.night() != is.night() || was.scale() != is.scale()) {
        put(scene, is);
      }
    });
  }

  /** Works the look of parts out once where nobody sees them, so that the first time they are shown is as quick as any. */
  static void warm(Node part) {
    StackPane place = new StackPane(part);
    Scene scene = new Scene(place);
    scene.getStylesheets().setAll(SceneLooks.class.getResource("linen.css").toExternalForm());
    place.applyCss();
    place.layout();
    place.getChildren().clear();
  }

  private static void put(Scene scene, Settings settings) {
    scene.getStylesheets().setAll(SceneLooks.class.getResource("linen.css").toExternalForm());
    if (settings.night()) {
      scene.getStylesheets().add(SceneLooks.class.getResource("night.css").toExternalForm());
    }
    if (settings.scale() != 1) {
      String size = String.format(Locale.ROOT, "%.1fpx", TYPE * settings.scale());
      scene.getStylesheets().add("data:text/css,.context-menu,.tooltip,.combo-box-popup,.slip,.misread-slip{-fx-font-size:" + size + ";}");
    }
  }
}
