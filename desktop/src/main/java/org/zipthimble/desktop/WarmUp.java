package org.zipthimble.desktop;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import javafx.css.CssParser;
import javafx.scene.Group;
import javafx.scene.Scene;
import javafx.scene.control.Button;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.skin.ButtonSkin;
import javafx.scene.control.skin.LabelSkin;
import javafx.scene.control.skin.ScrollPaneSkin;
import javafx.scene.control.skin.TextFieldSkin;
import javafx.scene.control.skin.ToggleButtonSkin;
import javafx.scene.image.ImageView;
import javafx.scene.layout.HBox;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Path;
import javafx.scene.shape.Rectangle;
import javafx.scene.text.Font;
import javafx.scene.text.Text;
import javafx.stage.Stage;
import org.zipthimble.core.font.BundledFonts;
import org.zipthimble.core.job.StandardItem;
import org.zipthimble.core.job.WallItem;
import org.zipthimble.core.store.Settings;
import org.zipthimble.core.wording.Wording;

/**
 * What the first window needs, made ready on a second thread while the toolkit begins: what is read here once is read faster, or not again.
 * Nothing waits for it and nothing depends on it.
 */
public final class WarmUp {
  private WarmUp() {}

  /** Begins it; to be called before the toolkit is. */
  public static void begin() {
    settle();
    thread("warm-core", WarmUp::core);
    thread("warm-look", WarmUp::look);
  }

  /**
   * Loads the type of the window on a thread of its own; to be called once the toolkit is there, and waited for before anything is shown.
   */
  static CompletableFuture<Void> type(List<String> files) {
    return CompletableFuture.runAsync(() -> files.forEach(file -> Font.loadFont(BundledFonts.open(file), 12)),
        load -> thread("warm-type", load));
  }

  private static void thread(String name, Runnable work) {
    Thread thread = new Thread(work, name);
    thread.setDaemon(true);
    thread.start();
  }

  /**
   * Initialises the toolkit's classes that initialise each other, here and one after the other. Where two threads begin with different
   * ones of them at once, each waits for the other for ever: a scene for its helper, which a menu begins with, and the helper for the
   * scene.
   */
  private static void settle() {
    try {
      for (Class<?> one : List.of(Scene.class, Stage.class, ContextMenu.class, Text.class, Path.class, Rectangle.class, ImageView.class,
          Group.class, VBox.class, HBox.class, StackPane.class,
          Button.class, ToggleButton.class, Label.class, TextField.class, ScrollPane.class)) {
        Class.forName(one.getName(), true, one.getClassLoader());
      }
    } catch (ClassNotFoundException e) {
      throw new IllegalStateException("the toolkit is not whole", e);
    }
  }

  private static void core() {
    Settings.warm();
    Wording.keys();
    StandardItem.blank(StandardItem.INVITATION.title(), StandardItem.INVITATION.size(), StandardItem.INVITATION.faces());
    WallItem.standard();
  }

  private static void look() {
    try {
      new CssParser().parse(WarmUp.class.getResource("linen.css"));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    new ButtonSkin(new Button());
    new ToggleButtonSkin(new ToggleButton());
    new LabelSkin(new Label());
    new TextFieldSkin(new TextField());
    new ScrollPaneSkin(new ScrollPane());
  }
}
