package org.zipthimble.desktop.state;

import java.util.function.UnaryOperator;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import org.zipthimble.core.check.words.OwnWords;
import org.zipthimble.core.files.Folders;
import org.zipthimble.core.store.Settings;
import org.zipthimble.core.wording.Trouble;

/** What the person has chosen for the program, and where it is kept. For the interface thread only. */
public final class Preferences {
  private final Folders places;
  private final ReadOnlyObjectWrapper<Settings> settings;
  private final LatestWork writer = new LatestWork();
  private java.util.function.Consumer<String> told = sentence -> { };

  /** The choices kept in these places. */
  public Preferences(Folders places) {
    this.places = places;
    this.settings = new ReadOnlyObjectWrapper<>(Settings.read(places.settingsFile()));
    OwnWords.know(now().words());
  }

  /** Where trouble with writing is told. */
  void setOnTrouble(java.util.function.Consumer<String> action) {
    told = action;
  }

  /** Changes a choice and keeps it. */
  public void change(UnaryOperator<Settings> change) {
    Settings next = change.apply(settings.get());
    if (next.equals(settings.get())) {
      return;
    }
    OwnWords.know(next.words());
    settings.set(next);
    writer.want(() -> write(next), sentence -> {
      if (!sentence.isEmpty()) {
        told.accept(sentence);
      }
    });
  }

  /** Writes the choices at once, as when the program ends. */
  public void flush() {
    writer.drop();
    write(now());
  }

  private synchronized String write(Settings next) {
    try {
      next.write(places.settingsFile());
      return "";
    } catch (Trouble trouble) {
      return trouble.getMessage();
    }
  }

  /** The choices. */
  public Settings now() {
    return settings.get();
  }

  /** The choices, to follow. */
  public ReadOnlyObjectProperty<Settings> settingsProperty() {
    return settings.getReadOnlyProperty();
  }

  /** Where things are kept. */
  public Folders places() {
    return places;
  }
}
