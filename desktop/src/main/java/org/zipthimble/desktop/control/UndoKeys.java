package org.zipthimble.desktop.control;

import java.util.function.BooleanSupplier;
import javafx.event.Event;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;

/** Lets undo and redo reach the job while the cursor stands in a field. */
public final class UndoKeys {
  private UndoKeys() {}

  /**
   * Hands undo and redo on to the window.
   *
   * @param when whether to hand them on; otherwise the field undoes its own typing
   */
  public static void pass(TextInputControl field, BooleanSupplier when) {
    field.addEventFilter(KeyEvent.KEY_PRESSED, e -> {
      if (e.isShortcutDown() && e.getCode() == KeyCode.Z && when.getAsBoolean() && field.getScene() != null) {
        e.consume();
        Event.fireEvent(field.getScene().getRoot(), e.copyFor(field.getScene().getRoot(), field.getScene().getRoot()));
      }
    });
  }
}
