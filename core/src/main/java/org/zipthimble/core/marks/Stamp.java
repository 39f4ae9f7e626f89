package org.zipthimble.core.marks;

import java.util.List;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.item.Item;

/**
 * Marks that stand on several pieces as they are, so that a file can store them once.
 *
 * @param of the objects that are drawn, and what clears them; two stamps of the very same objects are the same
 * @param area where they may reach, in the piece's inches; what is outside is not seen
 * @param marks draws them
 */
public record Stamp(List<Item> of, Box area, Marks marks) {
  /** Keeps a copy. */
  public Stamp {
    of = List.copyOf(of);
  }

  /** Draws marks of a piece. */
  public interface Marks {
    /** Draws them through a map from the piece's inches. */
    void draw(Affine toPage, MarkOut out);
  }

  /** What tells this stamp from others: the very objects, never what they are like. */
  public Key key() {
    return new Key(of);
  }

  /** Objects told apart by what they are, not by what they are like. */
  public static final class Key {
    private final List<Item> of;

    private Key(List<Item> of) {
      this.of = of;
    }

    @Override
    public int hashCode() {
      return of.stream().mapToInt(System::identityHashCode).sum();
    }

    @Override
    public boolean equals(Object other) {
      if (!(other instanceof Key) || ((Key) other).of.size() != of.size()) {
        return false;
      }
      for (int i = 0; i < of.size(); i++) {
        if (of.get(i) != ((Key) other).of.get(i)) {
          return false;
        }
      }
      return true;
    }
  }
}
