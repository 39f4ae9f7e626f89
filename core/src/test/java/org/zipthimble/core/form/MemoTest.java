package org.zipthimble.core.form;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotSame;
import static org.junit.jupiter.api.Assertions.assertSame;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;

/** What is kept for an object is made once, told apart by the object itself, and of large things only the newest stay. */
class MemoTest {
  private final AtomicInteger made = new AtomicInteger();

  private Object make() {
    made.incrementAndGet();
    return new Object();
  }

  @Test
  void theSameObjectGivesTheSameResult() {
    Memo<Object> memo = new Memo<>();
    List<Integer> one = new ArrayList<>(List.of(1));
    List<Integer> equal = new ArrayList<>(List.of(1));
    Object first = memo.get(one, "a", this::make);
    assertSame(first, memo.get(one, "a", this::make));
    assertNotSame(first, memo.get(one, "b", this::make), "another detail is another result");
    assertNotSame(first, memo.get(equal, "a", this::make), "an equal object is still another one");
    assertEquals(3, made.get());
  }

  @Test
  void ofLargeResultsTheOnesLastAskedForStay() {
    Memo<Object> memo = new Memo<>(2);
    Object a = new Object();
    Object b = new Object();
    Object c = new Object();
    Object ofA = memo.get(a, "", this::make);
    Object ofB = memo.get(b, "", this::make);
    assertSame(ofA, memo.get(a, "", this::make));
    memo.get(c, "", this::make);
    assertSame(ofA, memo.get(a, "", this::make), "it was asked for after the other");
    assertNotSame(ofB, memo.get(b, "", this::make), "the one not asked for longest went");
    assertEquals(4, made.get());
  }
}
