package org.zipthimble.desktop.command;

import java.util.Optional;
import java.util.function.BooleanSupplier;
import javafx.scene.input.KeyCombination;
import org.zipthimble.core.wording.Wording;

/**
 * Something the person can have done from a menu, by its keys, or from the finder.
 *
 * @param key of its wording; also its id with hyphens for dots
 * @param keys such as Shortcut+D; empty for none
 * @param able whether it can be done now
 * @param on whether what it switches is on; empty for what is no switch
 */
public record Command(String key, String keys, BooleanSupplier able, Optional<BooleanSupplier> on, Runnable action) {
  /** One that is no switch. */
  public static Command of(String key, String keys, BooleanSupplier able, Runnable action) {
    return new Command(key, keys, able, Optional.empty(), action);
  }

  /** Its name. */
  public String title() {
    return Wording.text(key);
  }

  /** Its keys as people read them; empty for none. */
  public String keysShown() {
    return keys.isEmpty() ? "" : KeyCombination.valueOf(keys).getDisplayText();
  }

  /** Does it, if it can be done now. */
  public void run() {
    if (able.getAsBoolean()) {
      action.run();
    }
  }
}
