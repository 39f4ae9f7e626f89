package org.zipthimble.core.kept;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotSame;
import static org.junit.jupiter.api.Assertions.assertSame;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;

/** What is kept for an object is made once, told apart by the object itself, and of large things only the newest stay. */
class KeptTest {
  private final AtomicInteger made = new AtomicInteger();

  private Object make() {
    made.incrementAndGet();
    return new Object();
  }

  /** A subject of two parts. */
  private record Pair(String first, String second) {
    @Override
    public String first() {
      return Reading.part(this, "first", first, Pair::first);
    }

    @Override
    public String second() {
      return Reading.part(this, "second", second, Pair::second);
    }

    int length() {
      return Reading.answer(this, "length", Pair::length, () -> second().length());
    }
  }

  @Test
  void whatWasNotAskedMayChange() {
    Kept<Object, String, Pair, String> kept = Kept.ofAll((of, detail, pair) -> pair.first() + made.incrementAndGet());
    Object of = new Object();
    assertEquals("a1", kept.of(of, "", new Pair("a", "b")));
    assertEquals("a1", kept.of(of, "", new Pair("a", "other")));
    assertEquals("c2", kept.of(of, "", new Pair("c", "b")));
    assertEquals("a1", kept.of(of, "", new Pair("a", "b")), "what holds again is given again");
  }

  @Test
  void whatIsWorkedOutFromAPartIsAskedByItsAnswer() {
    Kept<Object, String, Pair, String> kept = Kept.ofAll((of, detail, pair) -> pair.length() + "." + made.incrementAndGet());
    Object of = new Object();
    assertEquals("1.1", kept.of(of, "", new Pair("a", "b")));
    assertEquals("1.1", kept.of(of, "", new Pair("a", "c")));
    assertEquals("2.2", kept.of(of, "", new Pair("a", "dd")));
  }

  @Test
  void whatIsKeptWithinIsAskedOfThroughWhatIsAroundIt() {
    Kept<Object, String, Pair, String> inner = Kept.ofAll((of, detail, pair) -> pair.second());
    Kept<Object, String, Pair, String> outer = Kept.ofAll((of, detail, pair) -> "<" + inner.of(of, "", pair) + ">");
    Object of = new Object();
    assertEquals("b", inner.of(of, "", new Pair("a", "b")), "kept before what is around it asks");
    assertEquals("<b>", outer.of(of, "", new Pair("a", "b")));
    assertEquals("<c>", outer.of(of, "", new Pair("a", "c")));
    Recent<String, Pair, String> recent = Recent.of(2, (key, pair) -> key + pair.first());
    assertEquals("ka", recent.get("k", new Pair("a", "b")));
    assertEquals("kc", recent.get("k", new Pair("c", "b")));
  }

  @Test
  void whatNobodyHoldsIsLetGo() throws Exception {
    Kept<Object, String, Pair, String> kept = Kept.ofAll((of, detail, pair) -> pair.first());
    Object stays = new Object();
    kept.of(stays, "", new Pair("a", "b"));
    for (int i = 0; i < 1000; i++) {
      kept.of(new Object(), "", new Pair("a", "b"));
    }
    for (int i = 0; i < 50 && kept.size() > 1; i++) {
      System.gc();
      Thread.sleep(20);
    }
    assertEquals(1, kept.size());
    Kept.letGo();
    assertEquals(0, kept.size());
    assertEquals("c", kept.of(stays, "", new Pair("c", "b")));
  }

  @Test
  void theSameObjectGivesTheSameResult() {
    Kept<Object, String, Void, Object> memo = Kept.ofAll((of, detail, nothing) -> make());
    List<Integer> one = new ArrayList<>(List.of(1));
    List<Integer> equal = new ArrayList<>(List.of(1));
    Object first = memo.of(one, "a", null);
    assertSame(first, memo.of(one, "a", null));
    assertNotSame(first, memo.of(one, "b", null), "another detail is another result");
    assertNotSame(first, memo.of(equal, "a", null), "an equal object is still another one");
    assertEquals(3, made.get());
  }

  @Test
  void ofLargeResultsTheOnesLastAskedForStay() {
    Kept<Object, String, Void, Object> memo = Kept.ofNewest(2, (of, detail, nothing) -> make());
    Object a = new Object();
    Object b = new Object();
    Object c = new Object();
    Object ofA = memo.of(a, "", null);
    Object ofB = memo.of(b, "", null);
    assertSame(ofA, memo.of(a, "", null));
    memo.of(c, "", null);
    assertSame(ofA, memo.of(a, "", null), "it was asked for after the other");
    assertNotSame(ofB, memo.of(b, "", null), "the one not asked for longest went");
    assertEquals(4, made.get());
  }
}
