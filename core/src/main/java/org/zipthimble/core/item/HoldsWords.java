package org.zipthimble.core.item;

import java.util.Optional;
import java.util.function.UnaryOperator;
import org.zipthimble.core.font.FontShelf;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.plan.Finish;
import org.zipthimble.core.type.BlockSetting;
import org.zipthimble.core.type.Course;
import org.zipthimble.core.type.SetWords;
import org.zipthimble.core.type.Story;
import org.zipthimble.core.type.Typesetter;
import org.zipthimble.core.type.WordStyle;

/** What holds words that can be typed, set and made to flow. */
public sealed interface HoldsWords extends Item permits ItemWords {
  /** The words with their looks. */
  Story story();

  /** How they stand in the block. */
  BlockSetting setting();

  /** What they run along in place of lines. */
  Optional<Course> course();

  /** What is painted behind them. */
  Optional<WordsPanel> panel();

  /** What covers all letters in place of their colours. */
  Optional<FillStyle> fillStyle();

  /** The block from which they go on. */
  Optional<Following> follows();

  /** What their lines keep clear of, in block inches. */
  Optional<Path> spared();

  /** The same with other words. */
  HoldsWords withStory(Story story);

  /** The same set otherwise. */
  HoldsWords withSetting(BlockSetting setting);

  /** The same along something else, or in lines. */
  HoldsWords withCourse(Optional<Course> course);

  /** The same with something else behind its words. */
  HoldsWords withPanel(Optional<WordsPanel> panel);

  /** The same covered otherwise. */
  HoldsWords withFillStyle(Optional<FillStyle> fillStyle);

  /** The same going on from another block, or from none. */
  HoldsWords withFollows(Optional<Following> follows);

  /** The same keeping clear of something else. */
  HoldsWords withSpared(Optional<Path> spared);

  @Override
  HoldsWords finished(Optional<FillStyle.Finish> other);

  @Override
  HoldsWords with(ItemProperties other);

  @Override
  HoldsWords with(Placement other);

  /** What it says, a line end between paragraphs. */
  default String text() {
    return story().text();
  }

  /** The look of its beginning. */
  default WordStyle style() {
    return story().style();
  }

  /** Its words set, with the faces of a shelf. */
  default SetWords set(FontShelf fonts) {
    return Typesetter.set(story(), setting(), course(), spared(), placement().width(), placement().height(), fonts);
  }

  /** The same saying something else: what is alike at the beginning and the end keeps its looks. */
  default HoldsWords saying(String text) {
    return withStory(story().saying(text));
  }

  /** The same with every look changed. */
  default HoldsWords styled(UnaryOperator<WordStyle> change) {
    return withStory(story().restyled(change));
  }
}
