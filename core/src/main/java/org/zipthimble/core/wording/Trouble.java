package org.zipthimble.core.wording;

/** Something from outside cannot be used: its message is a sentence for the person that says what and what to do. */
public final class Trouble extends Exception {
  private static final long serialVersionUID = 1L;

  private Trouble(String sentence, Throwable cause) {
    super(sentence, cause);
  }

  /** A trouble told by the wording under a key. */
  public static Trouble of(String key, Object... values) {
    return new Trouble(Wording.text(key, values), null);
  }

  /** A trouble told by the wording under a key, keeping what caused it for the log. */
  public static Trouble because(Throwable cause, String key, Object... values) {
    return new Trouble(Wording.text(key, values), cause);
  }
}
