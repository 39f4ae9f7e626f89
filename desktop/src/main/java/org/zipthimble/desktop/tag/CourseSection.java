package org.zipthimble.desktop.tag;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.scene.Node;
import org.zipthimble.core.edit.CourseEdits;
import org.zipthimble.core.item.HoldsWords;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.Placement;
import org.zipthimble.core.type.Course;
import org.zipthimble.core.type.Sits;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.control.Controls;
import org.zipthimble.desktop.control.TypedField;
import org.zipthimble.desktop.state.Session;

/** What words run along: a round, an arc or a path, and how they stand on it. */
final class CourseSection extends Section {
  private static final double THIRD = 60;
  private static final List<String> KINDS = List.of("lines", "top", "foot", "arc", "path");

  CourseSection(Session session) {
    super(session);
    TypedField radius = length("course-radius", "course.radius", 0.05, Placement.FARTHEST,
        () -> words().flatMap(CourseEdits::radius).orElse(Double.NaN),
        v -> session.apply(CourseEdits.radius(face(), ids(), v)));
    TypedField rise = length("course-rise", "course.rise", -100, 100,
        () -> course().filter(c -> c.kind() == Course.Kind.ARC).map(Course::rise).orElse(Double.NaN),
        v -> change(c -> c.kind() == Course.Kind.ARC ? c.withRise(v) : c));
    fresh.add(() -> radius.setDisable(words().flatMap(CourseEdits::radius).isEmpty()));
    fresh.add(() -> rise.setDisable(course().filter(c -> c.kind() == Course.Kind.ARC).isEmpty()));
    Controls.tip(rise, Wording.text("course.rise.tip"));
    TypedField least = length("course-least", "course.least", 0, 10, () -> course().map(Course::least).orElse(Double.NaN),
        v -> change(c -> c.withLeast(v)));
    Controls.tip(least, Wording.text("course.least.tip"));
    TypedField spread = length("course-spread", "course.spread", 0, 800, () -> course().map(Course::spread).orElse(Double.NaN),
        v -> change(c -> c.withSpread(v)));
    Controls.tip(spread, Wording.text("course.spread.tip"));
    Node rest = new javafx.scene.layout.VBox(5,
        fields(THIRD, "course.radius", radius, "course.rise", rise),
        Controls.under(Wording.text("course.sits"), sits()),
        fields(THIRD, "course.slide", length("course-slide", "course.slide", -400, 400,
        () -> course().map(Course::slide).orElse(Double.NaN), v -> change(c -> c.withSlide(v))),
            "course.spread", spread, "course.least", least));
    fresh.add(() -> {
      rest.setVisible(course().isPresent());
      rest.setManaged(course().isPresent());
    });
    getChildren().addAll(kind(), rest);
  }

  private Optional<HoldsWords> words() {
    return now().flatMap(Item::words);
  }

  private Optional<Course> course() {
    return words().flatMap(HoldsWords::course);
  }

  private void change(UnaryOperator<Course> change) {
    session.apply(CourseEdits.change(face(), ids(), change));
  }

  private static int index(Course course) {
    return switch (course.kind()) {
      case ROUND -> course.foot() ? 2 : 1;
      case ARC -> KINDS.indexOf("arc");
      case PATH -> KINDS.indexOf("path");
    };
  }

  private Node kind() {
    List<String> names = new ArrayList<>();
    KINDS.forEach(k -> names.add(Wording.text("course.kind." + k)));
    var box = choice("course-kind", "course.kind", names, () -> Optional.of(course().map(CourseSection::index).orElse(0)), this::take);
    return Controls.under(Wording.text("course.kind"), box);
  }

  private void take(int kind) {
    if (kind == course().map(CourseSection::index).orElse(0)) {
      return;
    }
    switch (KINDS.get(kind)) {
      case "lines" -> session.apply(CourseEdits.lines(face(), ids()));
      case "arc" -> session.apply(CourseEdits.arc(face(), ids()));
      case "path" -> {
        session.say(Wording.text("course.path.how"));
        refresh();
      }
      default -> session.apply(CourseEdits.round(face(), ids(), KINDS.get(kind).equals("foot")));
    }
  }

  private Node sits() {
    List<String> names = Arrays.stream(Sits.values()).map(s -> Wording.of(s)).toList();
    return choice("course-sits", "course.sits", names, () -> course().map(c -> c.sits().ordinal()),
        i -> change(c -> c.withSits(Sits.values()[i])));
  }
}
