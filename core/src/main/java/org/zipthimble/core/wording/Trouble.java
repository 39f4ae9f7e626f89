package org.zipthimble.core.wording;

import java.util.Optional;

/** Something from outside cannot be used: its message is a sentence for the person that says what and what to do. */
public final class Trouble extends Exception {
  private static final long serialVersionUID = 1L;

  private static final int DEEPEST = 20;

  private Trouble(String sentence, Throwable cause) {
    super(sentence, cause);
  }

  /** A trouble told by the wording under a key. */
  public static Trouble of(String key, Object... values) {
    return new Trouble(Wording.text(key, values), null);
  }

  /** The trouble that a failure comes from; empty where nobody has words for it. */
  public static Optional<Trouble> in(Throwable failure) {
    Throwable cause = failure;
    for (int depth = 0; cause != null && depth < DEEPEST; depth++) {
      if (cause instanceof Trouble) {
        return Optional.of((Trouble) cause);
      }
      cause = cause.getCause();
    }
    return Optional.empty();
  }

  /** A trouble told by the wording under a key, keeping what caused it for the log. */
  public static Trouble because(Throwable cause, String key, Object... values) {
    return new Trouble(Wording.text(key, values), cause);
  }
}
