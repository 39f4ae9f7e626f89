package org.zipthimble.desktop.tag;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import org.zipthimble.core.type.ListMark;
import org.zipthimble.core.type.ParagraphDetail;
import org.zipthimble.core.type.TabStop;
import org.zipthimble.core.type.WordStyle;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.control.Controls;
import org.zipthimble.desktop.control.TypedField;
import org.zipthimble.desktop.state.Session;

/** What paragraphs seldom have: room, indents, tabs, signs of lists, hyphens. */
final class ParagraphSection extends WordsPart {
  private static final double THIRD = 60;
  private static final double USUAL_HANG = 0.25;
  private static final List<String> SIGNS = List.of("", "•", "–", "✓", "★", "❧", "❀", "☙", "➤");

  ParagraphSection(Session session) {
    super(session);
    getChildren().addAll(
        fields(THIRD,
            "paragraph.before", points("paragraph-before", "paragraph.before", ParagraphDetail::beforePt, ParagraphDetail::withBeforePt),
            "paragraph.after", points("paragraph-after", "paragraph.after", ParagraphDetail::afterPt, ParagraphDetail::withAfterPt),
            "paragraph.leading", leading(),
            "paragraph.left", indent("paragraph-left", "paragraph.left", 0, ParagraphDetail::left, ParagraphDetail::withLeft),
            "paragraph.right", indent("paragraph-right", "paragraph.right", 0, ParagraphDetail::right, ParagraphDetail::withRight),
            "paragraph.first", indent("paragraph-first", "paragraph.first", -100, ParagraphDetail::first, ParagraphDetail::withFirst)),
        signs(), tabs(),
        flow(pill("paragraph-hyphens", "paragraph.hyphens", () -> same(s -> s.paragraph().detail().hyphens()).orElse(false),
        on -> paragraphDetail(d -> d.withHyphens(on))),
            pill("paragraph-company", "paragraph.company", () -> same(s -> s.paragraph().detail().company()).orElse(false),
            on -> paragraphDetail(d -> d.withCompany(on)))));
  }

  private interface Put {
    ParagraphDetail put(ParagraphDetail from, double value);
  }

  private static WordStyle with(WordStyle style, ParagraphDetail detail) {
    return style.withParagraph(style.paragraph().withDetail(detail));
  }

  private TypedField points(String id, String key, Function<ParagraphDetail, Double> get, Put put) {
    return figure(id, key, "tag.pt", 0, 4000, s -> get.apply(s.paragraph().detail()),
        (s, v) -> with(s, put.put(s.paragraph().detail(), v)));
  }

  private TypedField indent(String id, String key, double least, Function<ParagraphDetail, Double> get, Put put) {
    return inches(id, key, least, 100, s -> get.apply(s.paragraph().detail()), (s, v) -> with(s, put.put(s.paragraph().detail(), v)));
  }

  /** A fixed distance of baselines; an empty field for one in proportion. */
  private TypedField leading() {
    TypedField field = new TypedField("paragraph-leading", Wording.text("paragraph.leading"), text -> {
      Optional<Double> pt = text.isBlank() ? Optional.empty() : Optional.of(Lengths.parseNumber(text.replace("pt", ""), 1, 4000));
      paragraphDetail(d -> d.withLeadingPt(pt));
    });
    Controls.tip(field, Wording.text("paragraph.leading.tip"));
    fresh.add(() -> field.show(same(s -> s.paragraph().detail().leadingPt()).flatMap(l -> l)
        .map(v -> Wording.text("tag.pt", Lengths.plain(v, 2))).orElse("")));
    return field;
  }

  private Node signs() {
    List<String> words = new ArrayList<>(List.of(Wording.text("paragraph.noSign")));
    SIGNS.forEach(s -> words.add(s.isEmpty() ? Wording.text("paragraph.numbers") : s));
    ComboBox<String> sign = choice("paragraph-sign", "paragraph.sign", words,
        () -> same(s -> s.paragraph().detail().mark().map(ListMark::sign)).map(m -> m.map(SIGNS::indexOf).orElse(-1) + 1),
        i -> paragraphDetail(
        d -> d.withMark(i == 0 ? Optional.empty()
        : Optional.of(new ListMark(SIGNS.get(i - 1), d.mark().map(ListMark::hang).orElse(USUAL_HANG))))));
    sign.setPrefWidth(96);
    TypedField hang = inches("paragraph-hang", "paragraph.hang", 0, 20, s -> s.paragraph().detail().mark().map(ListMark::hang).orElse(0.0),
        (s, v) -> with(s, s.paragraph().detail().withMark(s.paragraph().detail().mark().map(m -> new ListMark(m.sign(), v)))));
    return flow(Controls.under(Wording.text("paragraph.sign"), sign), field(THIRD, "paragraph.hang", hang));
  }

  /** Tabs as text: a place and what stands there, such as “1.5 right .”, several parted by semicolons. */
  private Node tabs() {
    TypedField field = new TypedField("paragraph-tabs", Wording.text("paragraph.tabs"), text -> {
      List<TabStop> stops = read(text);
      paragraphDetail(d -> d.withTabs(stops));
    });
    Controls.tip(field, Wording.text("paragraph.tabs.tip"));
    fresh.add(() -> field.show(same(s -> s.paragraph().detail().tabs()).map(this::shown).orElse("")));
    return Controls.under(Wording.text("paragraph.tabs"), field);
  }

  private String shown(List<TabStop> tabs) {
    return String.join("; ", tabs.stream().map(t -> (Lengths.show(t.at(), session.unit()) + " " + Wording.of(t.kind()) + " " + t.leader())
        .strip()).toList());
  }

  private List<TabStop> read(String text) throws Trouble {
    List<TabStop> out = new ArrayList<>();
    for (String one : text.split(";")) {
      String[] parts = one.strip().split("\\s+");
      if (!one.isBlank()) {
        TabStop.Kind kind = parts.length < 2 ? TabStop.Kind.LEFT
            : Arrays.stream(TabStop.Kind.values()).filter(k -> Wording.of(k).equalsIgnoreCase(parts[1])).findFirst()
            .orElseThrow(() -> Trouble.of("paragraph.tabs.unread", one.strip()));
        out.add(new TabStop(Lengths.parse(parts[0], session.unit()), kind, parts.length < 3 ? "" : parts[2].substring(0, 1)));
      }
    }
    return out;
  }
}
