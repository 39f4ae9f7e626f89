package org.zipthimble.core.job;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.zipthimble.core.Made;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.geom.Bend;
import org.zipthimble.core.geom.Bow;
import org.zipthimble.core.geom.Corner;
import org.zipthimble.core.geom.LineEnd;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.geom.Way;
import org.zipthimble.core.item.FillStyle;
import org.zipthimble.core.item.HoldsWords;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.ItemGroup;
import org.zipthimble.core.item.ItemPhoto;
import org.zipthimble.core.item.ItemProperties;
import org.zipthimble.core.item.ItemShape;
import org.zipthimble.core.item.LineLook;
import org.zipthimble.core.item.LiveEffect;
import org.zipthimble.core.item.Look;
import org.zipthimble.core.item.Outline;
import org.zipthimble.core.item.Pattern;
import org.zipthimble.core.item.PictureFit;
import org.zipthimble.core.item.Placement;
import org.zipthimble.core.picture.Picture;
import org.zipthimble.core.picture.Retouch;
import org.zipthimble.core.picture.Texture;
import org.zipthimble.core.plan.Finish;
import org.zipthimble.core.type.WordStyle;
import org.zipthimble.core.units.Size;

/** What each kind of object answers for itself, and that a change of what it has not leaves it as it is. */
class KindsTest {
  private static final Colour GREEN = Colour.of(0x2E7A3B);
  private static final Picture PICTURE = Made.picture(300, 200);
  private static final UnaryOperator<Colour> TO_GREEN = c -> GREEN;
  private static final LineLook LINE = LineLook.of(2, Made.BEET);

  private static HoldsWords words() {
    return Made.words("w", "Beans", 1, 1, 2, 1, Made.style("Fraunces", "Regular", 20));
  }

  private static ItemShape shape() {
    return Made.rectangle("s", 1, 1, 2, 1).withLine(Optional.of(LINE));
  }

  private static ItemPhoto photo() {
    return Made.photo("p", PICTURE, 1, 1, 3, 2);
  }

  private static ItemGroup group(LiveEffect effect, Item... members) {
    return new ItemGroup(ItemProperties.of("g", "Group"), Placement.of(1, 1, 2, 2, 0), new Size(2, 2), List.of(members), effect);
  }

  private static ItemShape tiled() {
    return shape().withFillStyle(
        Optional.of(new FillStyle.Tiles(List.of(Made.ellipse("t", 0, 0, 0.3, 0.3), Made.photo("tp", PICTURE, 0, 0, 0.3, 0.2)),
        new Size(0.5, 0.5), FillStyle.Laying.GRID)));
  }

  private static Stream<Item> everyKind() {
    return Stream.of(words(), shape(), tiled(), photo(), group(new LiveEffect.Together(), shape(), words()),
        group(new LiveEffect.Combined(Way.JOIN, new Look(Optional.of(Made.CREAM), Optional.empty())), shape(), words()),
        group(new LiveEffect.Rings(List.of(0.1), Corner.ROUND, true, true, 128, new Look(Optional.of(Made.CREAM), Optional.of(LINE))),
        shape()),
        group(new LiveEffect.Repeated(new Pattern.Grid(2, 2, 0.1, 0.1, false)), shape()),
        group(new LiveEffect.Mounted(Optional.of(PICTURE.id()), Retouch.NONE, PictureFit.FILLING,
        new Look(Optional.empty(), Optional.of(LINE))), shape()),
        group(new LiveEffect.Bent(Bend.of(Bow.ARC, 40)), shape(), words()),
        group(new LiveEffect.Gridded(List.of(0.5, 0.5), List.of(1.0), 0.1), group(LiveEffect.Mounted.empty(Look.NONE), shape())));
  }

  @ParameterizedTest
  @MethodSource("everyKind")
  void propertiesAndPlaceChangeAndNothingElse(Item item) {
    Placement there = Placement.of(3, 4, 1, 1, 20);
    Item moved = item.with(there);
    assertEquals(there, moved.placement());
    assertEquals(item, moved.with(item.placement()));
    Item renamed = item.with(item.properties().withName("Other"));
    assertEquals("Other", renamed.properties().name());
    assertEquals(item, renamed.with(item.properties()));
    assertEquals(item.id(), renamed.id());
  }

  @ParameterizedTest
  @MethodSource("everyKind")
  void aColourIsChangedWhereverItIs(Item item) {
    Item green = item.recoloured(TO_GREEN);
    for (Item each : green.withMembers()) {
      assertTrue(Set.of(GREEN).containsAll(each.colours()), each.colours().toString());
    }
    assertEquals(item, item.recoloured(c -> c), "no other colour is no change");
    assertEquals(item.withMembers().size(), green.withMembers().size());
  }

  @ParameterizedTest
  @MethodSource("everyKind")
  void picturesAreTakenAndGivenByTheirIdentity(Item item) {
    Item other = item.repictured(id -> "other");
    assertEquals(item.pictureIds().size(), other.pictureIds().size());
    assertTrue(other.pictureIds().stream().allMatch("other"::equals));
    assertEquals(item, other.repictured(id -> PICTURE.id()));
    if (item.pictureIds().isEmpty()) {
      assertEquals(item, other);
    }
  }

  @ParameterizedTest
  @MethodSource("everyKind")
  void aLookIsTakenByWhatHasOne(Item item) {
    Look look = new Look(Optional.of(GREEN), Optional.empty());
    Item dressed = item.with(look);
    if (item.look().isPresent()) {
      assertEquals(Optional.of(look), dressed.look());
    } else {
      assertEquals(item, dressed);
    }
  }

  @ParameterizedTest
  @MethodSource("everyKind")
  void aRetouchIsTakenByWhatShowsAPicture(Item item) {
    Retouch flipped = Retouch.NONE.withFlippedX(true);
    Item retouched = item.retouched(flipped);
    assertEquals(item.retouch().map(r -> flipped), retouched.retouch());
    if (item.retouch().isEmpty()) {
      assertEquals(item, retouched);
    }
  }

  @ParameterizedTest
  @MethodSource("everyKind")
  void itKnowsItselfAsOneKindAtMost(Item item) {
    long as = Stream.of(item.words(), item.outlined(), item.pictured(), item.holder()).filter(Optional::isPresent).count();
    assertEquals(1, as);
    assertEquals(item.live(), item.holder().filter(Item::live).isPresent());
    item.holder().ifPresent(g -> assertSame(g, item));
  }

  @ParameterizedTest
  @MethodSource("everyKind")
  void membersAreHeldByGroupsAlone(Item item) {
    assertEquals(item.holder().isPresent(), !item.members().isEmpty());
    Item holding = item.holding(item.members());
    assertEquals(item, holding);
    assertEquals(1 + item.members().stream().mapToInt(m -> m.withMembers().size()).sum(), item.withMembers().size());
  }

  @ParameterizedTest
  @MethodSource("everyKind")
  void scalingOnceAndBackIsNoChange(Item item) {
    Item back = item.scaled(2).scaled(0.5);
    assertEquals(item, back);
  }

  @Test
  void scalingKeepsWithinTheRanges() {
    assertEquals(WordStyle.MOST_PT, words().scaled(1e6).words().orElseThrow().style().sizePt());
    assertEquals(WordStyle.LEAST_PT, words().scaled(1e-6).words().orElseThrow().style().sizePt());
    assertEquals(LineLook.MOST_PT, shape().scaled(1e6).outlined().orElseThrow().line().orElseThrow().widthPt());
  }

  @Test
  void colourAreToldOnce() {
    assertEquals(Set.of(Made.CREAM, Made.BEET), shape().colours());
    assertEquals(Set.of(Made.BEET), words().colours());
    assertEquals(Set.of(), photo().colours());
    assertEquals(Set.of(GREEN), photo().retouched(Retouch.NONE.withTint(Optional.of(GREEN))).colours());
    assertEquals(List.of("t", "tp"), tiled().patternArt().stream().map(Item::id).toList());
  }

  @Test
  void whatCoversItsOutlineIsTold() {
    assertTrue(photo().coversItsOutline());
    assertTrue(Made.rectangle("r", 0, 0, 1, 1).coversItsOutline());
    assertFalse(Made.rectangle("r", 0, 0, 1, 1).filled(Optional.empty()).coversItsOutline());
    assertFalse(words().coversItsOutline());
  }

  @Test
  void aPictureHasAProportionAndItsPlaceNone() {
    Map<String, Picture> pictures = Map.of(PICTURE.id(), PICTURE);
    assertEquals(1.5, photo().proportion(pictures).orElseThrow(), 1e-9);
    assertEquals(Optional.empty(), photo().proportion(Map.of()), "without the picture nobody knows");
    assertEquals(Optional.empty(), shape().proportion(pictures));
    assertTrue(photo().shown(pictures).isPresent());
    assertTrue(photo().shown(Map.of()).isEmpty());
  }

  @Test
  void onlyAMountIsRemounted() {
    ItemGroup mount = group(LiveEffect.Mounted.empty(Look.NONE), shape());
    assertTrue(mount.mount().isPresent());
    Item filled = mount.remounted(m -> m.holding(Optional.of(PICTURE.id())));
    assertEquals(List.of(PICTURE.id()), filled.pictureIds());
    assertEquals(words(), words().remounted(m -> m.holding(Optional.of("x"))));
    assertEquals(Optional.empty(), group(new LiveEffect.Together(), shape()).mount());
  }

  /** Foil on words keeps to the colour that the words have. */
  @Test
  void foilOnWordsHasTheWordsColour() {
    FillStyle.Finish foil = FillStyle.Finish.of(Texture.Surface.FOIL, GREEN);
    HoldsWords shiny = words().finished(Optional.of(foil));
    assertEquals(GREEN, shiny.style().colour());
    assertEquals(Optional.of(foil), shiny.finish());
    HoldsWords red = shiny.styled(s -> s.withColour(Made.BEET));
    assertEquals(Made.BEET, red.finish().orElseThrow().colour());
    assertEquals(Optional.empty(), red.finished(Optional.empty()).finish());
    assertEquals(Made.BEET, red.finished(Optional.empty()).style().colour(), "without foil the colour stays");
    assertEquals(Optional.of(Made.BEET), shape().finished(Optional.of(foil.withColour(Made.BEET))).finish().map(FillStyle.Finish::colour));
    assertEquals(photo(), photo().finished(Optional.of(foil)));
  }

  @Test
  void effectsAnswerForThemselves() {
    assertFalse(new LiveEffect.Together().live());
    assertTrue(new LiveEffect.Repeated(new Pattern.Grid(2, 2, 0, 0, false)).live());
    assertTrue(new LiveEffect.Repeated(new Pattern.Grid(2, 2, 0, 0, false)).pattern().isPresent());
    assertTrue(new LiveEffect.Gridded(List.of(1.0), List.of(1.0), 0).grid().isPresent());
    assertTrue(new LiveEffect.Gridded(List.of(1.0), List.of(1.0), 0).anyProportion());
    LiveEffect.Rings rings = new LiveEffect.Rings(List.of(0.1, 0.2), Corner.ROUND, true, true, 128, Look.NONE);
    assertEquals(Optional.of(rings), rings.rings());
    assertEquals(Optional.empty(), rings.pattern());
    assertEquals(Optional.of(new Look(Optional.of(GREEN), Optional.empty())),
        rings.with(new Look(Optional.of(GREEN), Optional.empty())).look());
  }

  @Test
  void outlinesAnswerForThemselves() {
    assertTrue(new Outline.Straight().straight() && new Outline.Straight().open());
    assertFalse(new Outline.Ellipse().straight());
    assertTrue(new Outline.Rectangle(0).boxed());
    assertEquals(0.25, new Outline.Rectangle(0.25).cornerRadius().orElseThrow());
    assertEquals(0.5, new Outline.Rectangle(0.25).rounded(0.5).cornerRadius().orElseThrow());
    assertEquals(new Outline.Ellipse(), new Outline.Ellipse().rounded(0.5));
    assertTrue(Made.drawn("d").outline().drawn());
  }

  @Test
  void patternsMoveWithWhatTheyStandOn() {
    Pattern.Round round = new Pattern.Round(6, new Point(1, 1), true, false);
    assertEquals(new Point(3, 0), ((Pattern.Round) round.moved(2, -1)).centre());
    Pattern grid = new Pattern.Grid(2, 2, 0.1, 0.1, false);
    assertEquals(grid, grid.moved(2, -1));
  }

  @Test
  void linesKeepTheirEndsAndSides() {
    LineLook dashed = LINE.withDashesPt(List.of(4.0, 2.0)).withEnd(LineEnd.ROUND);
    ItemShape shape = shape().withLine(Optional.of(dashed));
    assertEquals(dashed, shape.recoloured(c -> c).outlined().orElseThrow().line().orElseThrow());
    assertEquals(GREEN, shape.recoloured(TO_GREEN).outlined().orElseThrow().line().orElseThrow().colour());
    assertEquals(List.of(4.0, 2.0), shape.recoloured(TO_GREEN).outlined().orElseThrow().line().orElseThrow().dashesPt());
  }

  @Test
  void aLookIsInheritedByWhatIsMadeOfIt() {
    assertEquals(Optional.of(Made.BEET), words().inheritedLook().fill());
    assertEquals(new Look(Optional.of(Made.CREAM), Optional.of(LINE)), shape().inheritedLook());
  }
}
