package org.zipthimble.desktop.tag;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.UnaryOperator;
import javafx.scene.Node;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.font.FontFace;
import org.zipthimble.core.geom.LineSide;
import org.zipthimble.core.job.JobFonts;
import org.zipthimble.core.type.LetterCase;
import org.zipthimble.core.type.LetterDetail;
import org.zipthimble.core.type.LetterRing;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.control.ColourField;
import org.zipthimble.desktop.control.Controls;
import org.zipthimble.desktop.state.Session;

/** What letters seldom have: capitals, a raise, features of their face, lines round them. */
final class LettersSection extends WordsPart {
  private static final double THIRD = 60;
  private static final double USUAL_RING = 4;
  private static final int SMALL_CAPITALS = 2;

  private final FlowPane features = flow();
  private final VBox rings = new VBox(4);
  private List<Object> featuresShown = List.of();
  private final List<Runnable> featuresMade = new ArrayList<>();
  private final List<Runnable> ringsMade = new ArrayList<>();
  private int ringsShown = -1;

  LettersSection(Session session) {
    super(session);
    getChildren().addAll(cases(), features, ringRow(), rings);
    fresh.add(this::showFeatures);
    fresh.add(this::showRings);
  }

  private Set<String> has() {
    JobFonts fonts = new JobFonts(session.job());
    return looks().stream().flatMap(s -> fonts.find(s.family(), s.style()).stream()).map(FontFace::features).findFirst()
        .map(f -> (Set<String>) f).orElse(Set.of());
  }

  private Node cases() {
    FlowPane pane = flow();
    for (LetterCase one : LetterCase.values()) {
      ToggleButton pill = pill("case-" + one.name().toLowerCase(java.util.Locale.ROOT), Wording.key(one),
          () -> same(s -> s.letters().detail().letters()).filter(c -> c == one).isPresent(),
          on -> detail(d -> d.withLetters(on ? one : LetterCase.TYPED)));
      if (one.ordinal() == SMALL_CAPITALS) {
        fresh.add(() -> {
          pill.setDisable(!has().contains("smcp"));
          Controls.tip(pill, has().contains("smcp") ? "" : Wording.text("letters.noSmallCapitals"));
        });
      }
      pane.getChildren().add(pill);
    }
    pane.getChildren().add(field(THIRD, "letters.raise", figure("letters-raise", "letters.raise", "proof.percent", -200, 200,
        s -> s.letters().detail().raise(), (s, v) -> s.withLetters(s.letters().withDetail(s.letters().detail().withRaise(v))))));
    return pane;
  }

  /** Features that a person chooses; those that a script needs are not among them. */
  private void showFeatures() {
    Set<String> wanted = new TreeSet<>(has());
    wanted.removeIf(tag -> !Wording.has(key(tag)) || tag.equals("smcp"));
    List<Object> all = List.copyOf(wanted);
    if (!all.equals(featuresShown)) {
      featuresShown = all;
      features.getChildren().clear();
      anew(featuresMade, () -> wanted.forEach(tag -> features.getChildren().add(feature(tag))));
    }
  }

  private static String key(String tag) {
    return tag.matches("ss\\d\\d") ? "feature.set" : tag.matches("cv\\d\\d") ? "feature.variant" : "feature." + tag;
  }

  /** What is on by itself is switched off; all else is switched on. */
  private static String switched(String tag) {
    return Set.of("liga", "calt").contains(tag) ? tag + "=0" : tag;
  }

  private Node feature(String tag) {
    boolean usual = !switched(tag).equals(tag);
    ToggleButton pill = new ToggleButton(Wording.text(key(tag), tag.matches(".*\\d\\d") ? Integer.parseInt(tag.substring(2)) : 0));
    pill.setId("feature-" + tag);
    pill.getStyleClass().add("pill");
    pill.setOnAction(e -> {
      boolean on = pill.isSelected();
      detail(d -> d.with(switched(tag), on != usual));
      refresh();
    });
    fresh.add(() -> pill.setSelected(same(s -> s.letters().detail().features().contains(switched(tag)) != usual).orElse(false)));
    return pill;
  }

  private List<LetterRing> ringsNow() {
    return same(s -> s.letters().detail().rings()).orElse(List.of());
  }

  private Node ringRow() {
    return Controls.row(6, Controls.label(Wording.text("letters.rings"), "field-label"),
        Controls.button("ring-add", "letters.addRing", () -> change(all -> {
      if (all.size() < LetterDetail.MOST_RINGS) {
        all.add(0, new LetterRing(all.stream().mapToDouble(LetterRing::widthPt).max().orElse(0) + USUAL_RING,
            all.isEmpty() ? Colour.WHITE : Colour.BLACK, LineSide.OUTSIDE));
      }
      return all;
    }), "quiet"));
  }

  private void change(UnaryOperator<List<LetterRing>> change) {
    detail(d -> d.withRings(change.apply(new ArrayList<>(d.rings()))));
    refresh();
  }

  private void change(int index, UnaryOperator<LetterRing> change) {
    change(all -> {
      if (index < all.size()) {
        all.set(index, change.apply(all.get(index)));
      }
      return all;
    });
  }

  private void showRings() {
    int count = ringsNow().size();
    if (count != ringsShown) {
      ringsShown = count;
      rings.getChildren().clear();
      anew(ringsMade, () -> {
        for (int i = 0; i < count; i++) {
          rings.getChildren().add(ring(i));
        }
      });
    }
  }

  private Optional<LetterRing> at(int index) {
    return index < ringsNow().size() ? Optional.of(ringsNow().get(index)) : Optional.empty();
  }

  private Node ring(int index) {
    ColourField colour = new ColourField("ring-colour-" + index, Wording.text("letters.ringColour"), false, session, this::colours,
        c -> c.ifPresent(is -> change(index, r -> new LetterRing(r.widthPt(), is, r.side()))));
    fresh.add(() -> at(index).ifPresent(r -> colour.show(Optional.of(r.colour()))));
    List<String> sides = java.util.Arrays.stream(LineSide.values()).map(s -> Wording.of(s)).toList();
    var side = choice("ring-side-" + index, "letters.ringSide", sides, () -> at(index).map(r -> r.side().ordinal()),
        i -> change(index, r -> new LetterRing(r.widthPt(), r.colour(), LineSide.values()[i])));
    side.setPrefWidth(96);
    var width = number("ring-width-" + index, "letters.ringWidth", 0.01, LetterRing.MOST_PT,
        () -> at(index).map(r -> Wording.text("tag.pt", Lengths.plain(r.widthPt(), 2))).orElse(""),
        v -> change(index, r -> new LetterRing(v, r.colour(), r.side())));
    width.setPrefWidth(THIRD);
    return flow(width, side, colour, Controls.button("ring-away-" + index, "letters.ringAway", () -> change(all -> {
      if (index < all.size()) {
        all.remove(index);
      }
      return all;
    }), "quiet"));
  }
}
