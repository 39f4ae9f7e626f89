package org.zipthimble.core.marks;

import java.util.List;
import org.zipthimble.core.wording.Trouble;

/** Pages in order, each made when it is asked for: however many there are, only those that are looked at take memory. */
public interface PageRun {
  /** How many there are. */
  int count();

  /**
   * A page by its place from 0; asked again, the same is made again.
   *
   * @throws Trouble when the page cannot be made
   */
  DrawnPage at(int index) throws Trouble;

  /** Pages that are there already. */
  static PageRun of(List<DrawnPage> pages) {
    return new PageRun() {
      @Override
      public int count() {
        return pages.size();
      }

      @Override
      public DrawnPage at(int index) {
        return pages.get(index);
      }
    };
  }

  /** Several runs one after another. */
  static PageRun joined(List<PageRun> runs) {
    return new PageRun() {
      @Override
      public int count() {
        return runs.stream().mapToInt(PageRun::count).sum();
      }

      @Override
      public DrawnPage at(int index) throws Trouble {
        int left = index;
        for (PageRun run : runs) {
          if (left < run.count()) {
            return run.at(left);
          }
          left -= run.count();
        }
        throw new IndexOutOfBoundsException(index);
      }
    };
  }
}
