package org.zipthimble.core.kept;

import java.lang.ref.WeakReference;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Objects;
import java.util.function.Function;
import java.util.function.Supplier;

/**
 * What a piece of work asked of its subject, such as a job or a shelf of fonts, while it was done: which parts, and what they were.
 * Whatever has the same answers to the same questions would give the same result, so that these answers are the key of a kept result;
 * nobody writes such a key by hand. A subject tells its parts from within the methods that give them. Asking costs little where nothing is
 * recorded. What is asked by other threads on behalf of the work is not seen: makers of kept results do not hand their subject to other
 * threads.
 */
public final class Reading {
  private static final ThreadLocal<Frame> NOW = new ThreadLocal<>();

  private Reading() {}

  /**
   * A part that a subject has, noted as read. It is remembered for as long as it lives: a part that is gone is no part of anything that
   * can be asked.
   *
   * @param again how the part is asked of another subject of the kind; it must lead here as well
   * @return the value itself
   */
  public static <S, V> V part(S subject, String name, V value, Function<S, V> again) {
    if (NOW.get() != null) {
      WeakReference<Object> answer = new WeakReference<>(value);
      note(subject, name, asked -> {
        V now = again.apply(Reading.<S>same(asked));
        Object before = answer.get();
        return before != null && (before == now || before.equals(now));
      });
    }
    return value;
  }

  /**
   * What a subject answers to a question that it works out from several parts: noted as one answer, so that a change of the parts which
   * leaves the answer as it was is none.
   *
   * @param question told apart by equality, see {@link #about}
   * @param again how the question is put to another subject of the kind; it must lead here as well
   */
  public static <S, V> V answer(S subject, Object question, Function<S, V> again, Supplier<V> work) {
    Frame around = NOW.get();
    if (around == null) {
      return work.get();
    }
    V value = apart(subject, around, work);
    note(subject, question, asked -> Objects.equals(value, again.apply(Reading.<S>same(asked))));
    return value;
  }

  /** A question about an object that never changes and is told apart by identity. */
  public static Object about(String name, Object object) {
    return new Question(name, object);
  }

  /**
   * What the program knows apart from any subject, such as the words that a person holds right: noted as read by all that is being made.
   */
  public static <V> V world(String name, Supplier<V> ask) {
    V value = ask.get();
    for (Frame frame = NOW.get(); frame != null; frame = frame.around) {
      frame.noted.putIfAbsent(name, asked -> Objects.equals(value, world(name, ask)));
    }
    return value;
  }

  /** Does a piece of work and records what it asks of its subject. */
  static <V> Traced<V> traced(Object subject, Supplier<V> work) {
    Frame frame = new Frame(subject, NOW.get(), false);
    NOW.set(frame);
    try {
      return new Traced<>(work.get(), Map.copyOf(frame.noted));
    } finally {
      put(frame.around);
    }
  }

  private static <V> V apart(Object subject, Frame around, Supplier<V> work) {
    NOW.set(new Frame(subject, around, true));
    try {
      return work.get();
    } finally {
      put(around);
    }
  }

  private static void put(Frame frame) {
    if (frame == null) {
      NOW.remove();
    } else {
      NOW.set(frame);
    }
  }

  private static void note(Object subject, Object question, Holds holds) {
    for (Frame frame = NOW.get(); frame != null && !(frame.shut && frame.subject == subject); frame = frame.around) {
      if (frame.subject == subject) {
        frame.noted.putIfAbsent(question, holds);
      }
    }
  }

  @SuppressWarnings("unchecked")
  private static <S> S same(Object subject) {
    return (S) subject;
  }

  /** Whether a subject gives the answer that was given before; asking is noted by whatever is being made around it. */
  interface Holds {
    boolean of(Object subject);
  }

  /** A result, and the questions whose answers it was made of. */
  record Traced<V>(V value, Map<Object, Holds> asked) {
    /** Whether it would be made of a subject as well. */
    boolean holds(Object subject) {
      return asked.values().stream().allMatch(h -> h.of(subject));
    }
  }

  private record Question(String name, Object about) {
    @Override
    public boolean equals(Object other) {
      return other instanceof Question && ((Question) other).about == about && ((Question) other).name.equals(name);
    }

    @Override
    public int hashCode() {
      return 31 * name.hashCode() + System.identityHashCode(about);
    }
  }

  /** What is being made, innermost first; one that is shut hides the questions to its subject from all around it. */
  private static final class Frame {
    private final Object subject;
    private final Frame around;
    private final boolean shut;
    private final Map<Object, Holds> noted = new LinkedHashMap<>();

    Frame(Object subject, Frame around, boolean shut) {
      this.subject = subject;
      this.around = around;
      this.shut = shut;
    }
  }
}
