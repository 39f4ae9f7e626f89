package org.zipthimble.desktop.control;

import javafx.css.PseudoClass;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import org.zipthimble.core.wording.Trouble;

/**
 * A field that a person types a value into. Enter or leaving it takes the value; Escape gives the old
 * one back; what cannot be read is said beside it and the old value stays.
 */
public final class TypedField extends TextField {
  private static final PseudoClass MISREAD = PseudoClass.getPseudoClass("misread");

  /** Takes a text as a value. */
  public interface TextTaker {
    /** Reads and uses the text, or says why not. */
    void take(String text) throws Trouble;
  }

  private final TextTaker taking;
  private String value = "";
  private boolean shownAnew;
  private boolean keeps;

  /**
   * A field.
   *
   * @param id of the node
   * @param spoken what it is for, as assistive programs say it
   */
  public TypedField(String id, String spoken, TextTaker taking) {
    this.taking = taking;
    setId(id);
    setAccessibleText(spoken);
    getStyleClass().add("typed");
    setOnAction(e -> {
      take();
      selectAll();
    });
    focusedProperty().addListener((o, was, is) -> {
      if (!is) {
        take();
      }
    });
    addEventHandler(KeyEvent.KEY_PRESSED, e -> {
      if (e.getCode() == KeyCode.ESCAPE && !getText().equals(value)) {
        setText(value);
        pseudoClassStateChanged(MISREAD, false);
        e.consume();
      }
    });
    UndoKeys.pass(this, () -> getText().equals(value));
    textProperty().addListener((o, was, is) -> pseudoClassStateChanged(MISREAD, false));
  }

  /** Shows a value; what the person is typing is left alone until it is taken. */
  public void show(String text) {
    boolean typing = isFocused() && !getText().equals(value);
    value = text;
    shownAnew = true;
    if (!typing && !getText().equals(text)) {
      setText(text);
    }
  }

  /** Keeps what was typed as its value once it is taken, for slips that show nothing anew. */
  public TypedField keeping() {
    keeps = true;
    return this;
  }

  private void take() {
    if (getText().equals(value)) {
      return;
    }
    String typed = getText();
    String before = value;
    try {
      value = typed;
      shownAnew = false;
      taking.take(typed);
      if (!shownAnew && !keeps) {
        value = before;
        setText(before);
      }
    } catch (Trouble trouble) {
      refuse(before, trouble.getMessage());
    } catch (IllegalArgumentException e) {
      refuse(before, e.getMessage());
    }
  }

  private void refuse(String before, String sentence) {
    value = before;
    setText(before);
    pseudoClassStateChanged(MISREAD, true);
    FieldError.show(this, sentence);
  }
}
