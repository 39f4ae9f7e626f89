package org.zipthimble.desktop.tray;

import java.nio.file.Path;
import java.util.Optional;
import java.util.Set;
import org.zipthimble.core.arrange.FormGrid;
import org.zipthimble.core.arrange.FreePlace;
import org.zipthimble.core.bring.Ornament;
import org.zipthimble.core.code.CodeKind;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.edit.Edits;
import org.zipthimble.core.edit.LookEdits;
import org.zipthimble.core.form.Drawings;
import org.zipthimble.core.form.Load;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.item.HoldsWords;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.ItemProperties;
import org.zipthimble.core.item.ItemShape;
import org.zipthimble.core.item.ItemWords;
import org.zipthimble.core.item.LineLook;
import org.zipthimble.core.item.Outline;
import org.zipthimble.core.item.Placement;
import org.zipthimble.core.job.Fact;
import org.zipthimble.core.job.JobFonts;
import org.zipthimble.core.shape.ReadyForm;
import org.zipthimble.core.type.Align;
import org.zipthimble.core.type.Fitting;
import org.zipthimble.core.type.Story;
import org.zipthimble.core.type.Typesetter;
import org.zipthimble.core.type.WordStyle;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.state.Session;

/** Puts new objects on the face; each is selected once it is there. */
public final class ObjectAdder {
  private static final Colour INK = Colour.of(0x2B2F55);
  private static final Colour SAGE = Colour.of(0x8FAE7E);
  private static final double SHARE = 0.4;
  private static final int LONGEST_WORDS = Load.MOST_CHARACTERS;

  private final Session session;

  /** Adds to the session's face. */
  public ObjectAdder(Session session) {
    this.session = session;
  }

  /** A block of words in the middle or clear of the words there, as wide as the safe area at most. */
  public void words() {
    Box safe = session.frame().safeBox();
    double width = Math.max(0.25, Math.min(safe.width(), safe.width() * 0.8));
    double pt = Math.max(6, Math.min(24, Math.round(safe.width() * 5)));
    WordStyle style = new WordStyle("Figtree", "Regular", pt, 120, 0, Align.CENTRE, INK);
    double height = Math.min(safe.height(), pt / 72 * 1.4);
    HoldsWords words = ItemWords.of(properties("itemPage.words"),
        Placement.of(FreePlace.forWords(session.face(), session.frame(), new Size(width, height))), Wording.text("words.new"), style);
    add(words.withSetting(words.setting().withFitting(Fitting.GROW)));
    session.typing().beginAll(words.id());
  }

  /** A filled rectangle. */
  public void rectangle() {
    shape("itemPage.rectangle", new Outline.Rectangle(0));
  }

  /** A filled ellipse. */
  public void ellipse() {
    shape("itemPage.ellipse", new Outline.Ellipse());
  }

  /** A straight line. */
  public void line() {
    double width = session.frame().safeBox().width() * SHARE;
    Point centre = session.frame().trim().centre();
    add(ItemShape.of(
        properties("item.line"), Placement.of(centre.x() - width / 2, centre.y(), width, 0, 0), new Outline.Straight(),
        Optional.empty(), Optional.of(LineLook.of(1, INK))));
  }

  /**
   * A border.
   *
   * @param distance from the trim to the line's outer edge, in inches
   * @param radius of its corners, in inches
   */
  public void border(double distance, double linePt, double radius) {
    add(LookEdits.border(session.job().freshId(), session.frame(), distance, LineLook.of(linePt, INK), radius));
  }

  /** A form of columns and rows over a box: a table, writing lines or boxes to tick. */
  public void form(String kind, int columns, int rows, double linePt) {
    Box safe = session.frame().safeBox();
    Box box = new Box(safe.x() + safe.width() * 0.1, safe.y() + safe.height() * 0.25, safe.width() * 0.8, safe.height() * 0.5);
    int id = Integer.parseInt(session.job().freshId().substring(1));
    LineLook line = LineLook.of(linePt, INK);
    add(switch (kind) {
      case "lines" -> FormGrid.lines(id, box, rows, line);
      case "boxes" -> FormGrid.boxes(id, box, columns, rows, 0.0625, line);
      default -> FormGrid.table(id, box, columns, rows, line);
    });
  }

  /** An ornament with its middle at a place. */
  public void ornament(Ornament ornament, Point at) {
    add(ornament.item(Integer.parseInt(session.job().freshId().substring(1)), at));
  }

  /** A ready shape whose figures stay live. */
  public void ready(ReadyForm form) {
    Box safe = session.frame().safeBox();
    double side = Math.min(safe.width(), safe.height()) * SHARE;
    Size size = switch (form) {
      case BANNER, FLOURISH, BRACKET_LABEL -> new Size(side * 1.6, side * 0.6);
      case TAG, DROP, ARCH -> new Size(side * 0.8, side);
      default -> new Size(side, side);
    };
    Outline outline = new Outline.Ready(form, form.usual(size.width(), size.height()));
    Optional<LineLook> line = form.open() ? Optional.of(LineLook.of(1.5, INK)) : Optional.empty();
    add(ItemShape.of(
        properties(Wording.key(form)), middle(size), outline,
        form.open() ? Optional.empty() : Optional.of(SAGE), line));
  }

  /** A code that machines read, at its usual size; it says the job's web address where that is known. */
  public void code(CodeKind kind) {
    Optional<Fact> web = kind.matrix() ? session.job().facts().stream().filter(f -> f.kind() == Fact.Kind.WEB).findFirst()
        : Optional.empty();
    String content = web.map(Fact::value).orElse(switch (kind) {
      case UPC_A -> "00000000000";
      case EAN_13 -> "000000000000";
      default -> Wording.text("code.new");
    });
    Size size = switch (kind) {
      case QR -> new Size(1, 1);
      case DATA_MATRIX -> new Size(0.5, 0.5);
      case UPC_A, EAN_13 -> new Size(1.469, 1.02);
      case CODE_128 -> new Size(2, 0.6);
    };
    add(ItemShape.of(properties(Wording.key(kind)), middle(size), new Outline.Coded(kind, content, web.map(Fact::name)),
        Optional.of(Colour.BLACK), Optional.empty()));
  }

  /** A drawn path, on the face. */
  public void drawn(org.zipthimble.core.geom.Path path, boolean closed) {
    add(Drawings.shape(properties("itemPage.drawn"), path, closed ? Optional.of(SAGE) : Optional.empty(),
        closed ? Optional.empty() : Optional.of(LineLook.of(1.5, INK))));
  }

  /** Words from another program, in a block around a place. */
  public void words(String text, Point at) {
    Box safe = session.frame().safeBox();
    WordStyle style = new WordStyle("Figtree", "Regular", 12, 130, 0, Align.LEFT, INK);
    double width = Math.max(0.25, safe.width() * 0.8);
    String kept = text.length() > LONGEST_WORDS ? text.substring(0, LONGEST_WORDS) : text;
    double height = Math.max(0.25, Typesetter.set(kept, style, width, Placement.FARTHEST, new JobFonts(session.job())).height());
    double fitting = Math.min(height, Placement.FARTHEST);
    Placement place = Placement.of(at.x() - width / 2, at.y() - fitting / 2, width, fitting, 0);
    add(ItemWords.of(properties("itemPage.words"), place, kept, style));
  }

  /** What words look like that come from elsewhere: as where somebody types, else as usual. */
  WordStyle lookOfWords() {
    return session.typing().on() ? session.typing().styles().get(0) : new WordStyle("Alegreya", "Regular", 12, 130, 0, Align.LEFT, INK);
  }

  /** Puts words in: at the caret while somebody types, else in a block of their own around a place. */
  void put(Story story, Point at) {
    if (session.typing().on()) {
      session.typing().put(story);
      return;
    }
    Box safe = session.frame().safeBox();
    double width = Math.max(0.25, safe.width() * 0.8);
    HoldsWords words = ItemWords.of(properties("itemPage.words"), Placement.of(at.x() - width / 2, at.y(), width, 0.25, 0), "",
        story.style()).withStory(story);
    double height = Math.min(Placement.FARTHEST, Math.max(0.25, words.set(new JobFonts(session.job())).height()));
    add(words.withSetting(words.setting().withFitting(Fitting.GROW))
        .with(Placement.of(at.x() - width / 2, Math.max(safe.y(), at.y() - height / 2), width, height, 0)));
  }

  private void shape(String key, Outline outline) {
    Box safe = session.frame().safeBox();
    double side = Math.min(safe.width(), safe.height()) * SHARE;
    add(ItemShape.of(properties(key), middle(new Size(side, side)), outline, Optional.of(SAGE), Optional.empty()));
  }

  private Placement middle(Size size) {
    Point centre = session.frame().trim().centre();
    return Placement.of(centre.x() - size.width() / 2, centre.y() - size.height() / 2, size.width(), size.height(), 0);
  }

  private ItemProperties properties(String key) {
    return ItemProperties.of(session.job().freshId(), Wording.text(key));
  }

  private void add(Item item) {
    session.openProperty().set(Optional.empty());
    session.apply(Edits.add(session.faceIdProperty().get(), item));
    session.selectionProperty().set(Set.of(item.id()));
  }
}
