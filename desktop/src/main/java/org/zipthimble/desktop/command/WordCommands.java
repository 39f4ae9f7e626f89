package org.zipthimble.desktop.command;

import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Supplier;
import org.zipthimble.core.edit.CourseEdits;
import org.zipthimble.core.edit.Edit;
import org.zipthimble.core.edit.FactDesigns;
import org.zipthimble.core.edit.Flow;
import org.zipthimble.core.edit.Shaping;
import org.zipthimble.core.edit.StoryEdits;
import org.zipthimble.core.edit.Typography;
import org.zipthimble.core.edit.WordingBank;
import org.zipthimble.core.edit.WordsApart;
import org.zipthimble.core.form.Forms;
import org.zipthimble.core.geom.Way;
import org.zipthimble.core.item.HoldsWords;
import org.zipthimble.core.type.Story;
import org.zipthimble.core.type.Walk;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.slip.WordSlips;
import org.zipthimble.desktop.state.Session;
import org.zipthimble.desktop.tray.Adders;

/** The commands for words. */
final class WordCommands {
  private final Session session;
  private final Supplier<WordSlips> slips;
  private final Supplier<Adders> adding;
  private final Supplier<ShapeCommands> shapes;

  WordCommands(Session session, Supplier<WordSlips> slips, Supplier<Adders> adding, Supplier<ShapeCommands> shapes) {
    this.shapes = shapes;
    this.session = session;
    this.slips = slips;
    this.adding = adding;
  }

  /** Adds the commands to a menu's list. */
  void into(List<Command> menu) {
    put(menu, "menu.facts", "", () -> slips.get().facts().open());
    put(menu, "menu.list", "", () -> slips.get().list().open());
    put(menu, "menu.wording", "", () -> slips.get().wording().open());
    put(menu, "menu.design", "", this::design);
    put(menu, "menu.fonts", "", () -> slips.get().fonts().open());
    put(menu, "menu.styles", "", () -> slips.get().styles().open());
    put(menu, "menu.search", "Shortcut+Shift+F", () -> slips.get().search().open());
    put(menu, "menu.glyphs", "", () -> slips.get().glyphs().open());
    put(menu, "menu.bringWords", "", () -> adding.get().files().words());
    menu.add(Commands.LINE);
    for (Typography.CaseChange change : Typography.CaseChange.values()) {
      words(menu, "menu.case." + change.name().toLowerCase(java.util.Locale.ROOT),
          () -> change("edit.case", (story, span) -> Typography.cased(story, span.from(), span.to(), change)));
    }
    words(menu, "menu.signs", () -> change("edit.signs", (story, span) -> Typography.signs(story, span.from(), span.to())));
    menu.add(Commands.LINE);
    menu.add(Command.of("menu.flow", "", () -> session.selected().stream().filter(i -> i.words().isPresent()).count() > 1,
        () -> session.apply(Flow.link(session.faceIdProperty().get(), session.selectionProperty().get()))));
    menu.add(Command.of("menu.flowPart", "", () -> session.selected().stream()
        .anyMatch(i -> i.words().flatMap(HoldsWords::follows).isPresent() || Flow.next(session.face(), i.id()).isPresent()),
        () -> session.apply(Flow.part(session.faceIdProperty().get(), session.selectionProperty().get()))));
    for (WordsApart.Into into : WordsApart.Into.values()) {
      words(menu, "menu.apartInto." + into.name().toLowerCase(java.util.Locale.ROOT),
          () -> session.applyAndSelect(WordsApart.apart(session.faceIdProperty().get(), session.selectionProperty().get(), into)));
    }
    words(menu, "menu.joinLetters", () -> session.selectBeside(
        Shaping.combine(session.faceIdProperty().get(), session.selectionProperty().get(), Way.JOIN),
        () -> session.single().ifPresent(i -> session.say(Wording.text("joined", new Forms(session.job()).pieces(i))))));
    words(menu, "menu.backing", () -> shapes.get().backing());
    menu.add(Command.of("menu.wordsAgain", "", () -> session.selected().stream()
        .anyMatch(i -> i.outlined().flatMap(s -> s.outline().asLettered()).isPresent()),
        () -> session.applyBeside(Shaping.wordsAgain(session.faceIdProperty().get(), session.selectionProperty().get()), () -> { })));
    menu.add(Command.of("menu.wordsAlong", "", () -> CourseEdits.canFollow(session.face(), session.selectionProperty().get()),
        () -> session.apply(CourseEdits.along(session.faceIdProperty().get(), session.selectionProperty().get()))));
  }

  private void design() {
    String id = FactDesigns.nextId(session.job());
    session.apply(FactDesigns.next(WordingBank.Occasion.INVITATION));
    session.faceIdProperty().set(id);
  }

  private static void put(List<Command> menu, String key, String keys, Runnable action) {
    menu.add(Command.of(key, keys, () -> true, action));
  }

  private void words(List<Command> menu, String key, Runnable action) {
    menu.add(Command.of(key, "", () -> session.selected().stream().anyMatch(i -> i.words().isPresent()), action));
  }

  /** Changes what is chosen in the words, or all of them. */
  private void change(String key, BiFunction<Story, Walk.Span, Story> change) {
    Optional<Walk.Span> chosen = session.typing().cursorProperty().get().map(c -> c.span()).filter(s -> !s.empty());
    Edit edit = StoryEdits.words(session.faceIdProperty().get(), session.selectionProperty().get(), key,
        (HoldsWords w) -> w.withStory(change.apply(w.story(), chosen.orElse(new Walk.Span(0, w.story().length())))));
    session.apply(edit);
  }
}
