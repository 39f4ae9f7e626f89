package org.zipthimble.desktop.station;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.Consumer;
import org.zipthimble.core.arrange.FormGrid;
import org.zipthimble.core.bring.Ornament;
import org.zipthimble.core.bring.ImportedDrawing;
import org.zipthimble.core.bring.DrawingIn;
import org.zipthimble.core.bring.PictureIn;
import org.zipthimble.core.bring.VectorLimits;
import org.zipthimble.core.edit.Drawings;
import org.zipthimble.core.geom.ReadyForm;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.edit.Copies;
import org.zipthimble.core.edit.Edits;
import org.zipthimble.core.edit.Mounts;
import org.zipthimble.core.edit.Grouping;
import org.zipthimble.core.edit.Looks;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.job.ItemProperties;
import org.zipthimble.core.job.Item;
import org.zipthimble.core.job.JobFonts;
import org.zipthimble.core.job.LineLook;
import org.zipthimble.core.job.Outline;
import org.zipthimble.core.job.Placement;
import org.zipthimble.core.picture.Picture;
import org.zipthimble.core.picture.Pictures;
import org.zipthimble.core.store.OwnShelf;
import org.zipthimble.core.type.Align;
import org.zipthimble.core.type.Typesetter;
import org.zipthimble.core.type.WordStyle;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.state.LatestWork;
import org.zipthimble.desktop.state.Session;

/** Puts new objects on the face; each is selected once it is there. */
public final class ObjectAdder {
  private static final Colour INK = Colour.of(0x2B2F55);
  private static final Colour SAGE = Colour.of(0x8FAE7E);
  private static final double SHARE = 0.4;
  private static final int LONGEST_WORDS = 20_000;

  private final Session session;
  private final LatestWork reader = new LatestWork("pictures");
  private Runnable onWords = () -> { };
  private Runnable onShelf = () -> { };
  private Consumer<List<Picture>> onSeveral = pictures -> { };

  /** Adds to the session's face. */
  public ObjectAdder(Session session) {
    this.session = session;
  }

  /** What happens to several pictures that were brought in at once. */
  public void setOnSeveral(Consumer<List<Picture>> action) {
    onSeveral = action;
  }

  /** What happens after the person's own shelf has changed. */
  public void setOnShelf(Runnable action) {
    onShelf = action;
  }

  /** What happens after words were added. */
  public void setOnWords(Runnable action) {
    onWords = action;
  }

  /** A block of words in the middle, as wide as the safe area at most. */
  public void words() {
    Box safe = session.frame().safeBox();
    double width = Math.max(0.25, Math.min(safe.width(), safe.width() * 0.8));
    double pt = Math.max(6, Math.min(24, Math.round(safe.width() * 5)));
    WordStyle style = new WordStyle("Figtree", "Regular", pt, 120, 0, Align.CENTRE, INK);
    double height = Math.min(safe.height(), pt / 72 * 1.4);
    add(new Item.Words(properties("item.words"), middle(new Size(width, height)), Wording.text("words.new"), style));
    onWords.run();
  }

  /** A filled rectangle. */
  public void rectangle() {
    shape("item.rectangle", new Outline.Rectangle(0));
  }

  /** A filled ellipse. */
  public void ellipse() {
    shape("item.ellipse", new Outline.Ellipse());
  }

  /** A straight line. */
  public void line() {
    double width = session.frame().safeBox().width() * SHARE;
    Point centre = session.frame().trim().centre();
    add(Item.Shape.of(
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
    add(Looks.border(session.job().freshId(), session.frame(), distance, LineLook.of(linePt, INK), radius));
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

  /** An object of the person's own from the shelf, with its middle at a place. */
  public void own(OwnShelf.Own own, Point at) {
    try {
      OwnShelf.Taken taken = OwnShelf.take(own);
      Box box = taken.items().stream().map(i -> i.placement().around()).reduce(Box::union).orElse(new Box(0, 0, 0, 0));
      session.openProperty().set(Optional.empty());
      session.applyAndSelect(Copies.paste(session.faceIdProperty().get(), taken.items(), taken.pictures(),
          at.x() - box.centre().x(), at.y() - box.centre().y()));
    } catch (Trouble trouble) {
      session.say(trouble.getMessage());
    }
  }

  /** Keeps what is selected on the person's own shelf, several objects as a group. */
  public void keepOnShelf() {
    List<Item> selected = session.selected();
    if (selected.isEmpty()) {
      return;
    }
    Item item = selected.size() == 1 ? selected.get(0)
        : Grouping.of(ItemProperties.of(session.job().freshId(), Wording.text("item.group")), selected);
    try {
      OwnShelf.keep(session.preferences().places().shelf(), session.job(), item);
      session.say(Wording.text("shelf.kept", item.properties().name()));
      onShelf.run();
    } catch (Trouble trouble) {
      session.say(trouble.getMessage());
    }
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
    add(Item.Shape.of(
        properties("ready." + form.name().toLowerCase(java.util.Locale.ROOT)), middle(size), outline,
        form.open() ? Optional.empty() : Optional.of(SAGE), line));
  }

  /** A drawn path, on the face. */
  public void drawn(org.zipthimble.core.geom.Path path, boolean closed) {
    add(Drawings.shape(properties("item.drawn"), path, closed ? Optional.of(SAGE) : Optional.empty(), closed ? Optional.empty() : Optional.of(LineLook.of(1.5, INK))));
  }

  /** A drawing file the person chooses. */
  public void drawing() {
    session.asker().drawing().ifPresent(file -> drawing(file, session.frame().trim().centre()));
  }

  /** A drawing file, its middle at a place; where it does not say how large it is, the person is asked. */
  public void drawing(Path file, Point at) {
    read(file, OptionalDouble.empty(), brought -> {
      if (brought.sized()) {
        put(file, brought, at);
        return;
      }
      session.asker().unitsPerInch(file.getFileName().toString(), brought.size()).ifPresent(units ->
          read(file, OptionalDouble.of(units), sized -> put(file, sized, at)));
    });
  }

  private record DrawnNodes(Optional<ImportedDrawing> brought, String trouble) {}

  private void read(Path file, OptionalDouble units, Consumer<ImportedDrawing> then) {
    session.say("");
    reader.want(() -> {
      try {
        return new DrawnNodes(Optional.of(DrawingIn.read(file, units, VectorLimits.USUAL)), "");
      } catch (Trouble trouble) {
        return new DrawnNodes(Optional.empty(), trouble.getMessage());
      }
    }, drawn -> drawn.brought().ifPresentOrElse(then, () -> session.say(drawn.trouble())));
  }

  private void put(Path file, ImportedDrawing brought, Point at) {
    session.openProperty().set(Optional.empty());
    if (brought.items().isEmpty()) {
      session.say(Wording.text("drawing.empty", file.getFileName()));
      return;
    }
    session.applyAndSelect(DrawingIn.place(session.faceIdProperty().get(), file.getFileName().toString(), brought, at));
    if (!brought.left().isEmpty()) {
      int more = brought.left().size() - 4;
      String list = String.join(" ", brought.left().subList(0, Math.min(4, brought.left().size())));
      session.say(Wording.text("drawing.leftOut", list, more > 0 ? Wording.counted("drawing.more", more) : ""));
    }
  }

  /** Pictures the person chooses. */
  public void pictures() {
    List<Path> files = session.asker().pictures();
    boolean waiting = Mounts.among(session.selected()).stream().anyMatch(m -> m.pictureIds().isEmpty());
    if (waiting && files.stream().noneMatch(f -> DrawingIn.drawing(f.getFileName().toString()))) {
      session.pictureHands().fill(files);
    } else {
      pictures(files, session.frame().trim().centre(), false);
    }
  }

  /** Picture files put down loose, around a place. */
  public void loose(List<Path> files, Point at) {
    pictures(files, at, false);
  }

  /** Picture files that were dropped at a place: into the mount there, or as all others. */
  public void dropped(List<Path> files, Point at) {
    pictures(files, at, true);
  }

  /** Picture files: one is placed at once, its middle at a place; several wait to be placed one after another or in a grid. */
  private void pictures(List<Path> files, Point at, boolean dropped) {
    List<Path> drawings = files.stream().filter(f -> DrawingIn.drawing(f.getFileName().toString())).toList();
    if (!drawings.isEmpty()) {
      drawing(drawings.get(0), at);
      return;
    }
    session.say("");
    reader.want(() -> files.stream().map(ObjectAdder::read).toList(), read -> {
      read.stream().filter(r -> !r.trouble().isEmpty()).findFirst().ifPresent(r -> session.say(r.trouble()));
      List<Picture> pictures = read.stream().flatMap(r -> r.pictures().stream()).toList();
      if (dropped && mounted(pictures, at)) {
        return;
      }
      if (pictures.size() == 1) {
        place(pictures.get(0), at);
      } else if (!pictures.isEmpty()) {
        onSeveral.accept(pictures);
      }
    });
  }

  /**
   * Puts pictures that were dropped on a mount into it, the others into the empty ones of the same grid; a full mount is asked about.
   */
  private boolean mounted(List<Picture> pictures, Point at) {
    List<String> under = Mounts.at(session.face(), at);
    if (pictures.isEmpty() || under.isEmpty()) {
      return false;
    }
    Item first = session.face().find(under.get(0)).orElseThrow();
    List<String> mounts = new ArrayList<>(List.of(first.id()));
    Mounts.among(session.face().beside(first.id())).stream().filter(m -> m.pictureIds().isEmpty() && !m.id().equals(first.id()))
        .forEach(m -> mounts.add(m.id()));
    boolean full = !first.pictureIds().isEmpty();
    if (full && pictures.size() > 1) {
      mounts.remove(0);
    } else if (full && !session.asker().mayReplacePicture(session.job().pictures().get(first.pictureIds().get(0)).name())) {
      return false;
    }
    if (mounts.isEmpty()) {
      return false;
    }
    session.pictureHands().into(mounts, pictures);
    return true;
  }

  /** A grid of mounts over the safe area. */
  public void mounts(List<Double> columns, List<Double> rows, double gutter) {
    session.openProperty().set(Optional.empty());
    session.applyAndSelect(Mounts.grid(session.faceIdProperty().get(), session.frame().safeBox(), columns, rows, gutter));
  }

  private record Read(List<Picture> pictures, String trouble) {}

  private static Read read(Path file) {
    try {
      return new Read(PictureIn.readAll(file, Pictures.Limits.USUAL), "");
    } catch (Trouble trouble) {
      return new Read(List.of(), trouble.getMessage());
    }
  }

  /** Places a picture at its true size for the ticket's resolution, its middle at a place. */
  public void place(Picture picture, Point at) {
    session.openProperty().set(Optional.empty());
    Item item = PictureIn.place(session.job(), picture, at);
    session.apply(Edits.add(session.faceIdProperty().get(), item, picture));
    session.selectionProperty().set(Set.of(item.id()));
  }

  /** Places pictures in the cells of a grid over the safe area. */
  public void grid(List<Picture> pictures, int columns, double gap) {
    session.openProperty().set(Optional.empty());
    session.applyAndSelect(PictureIn.grid(session.job(), session.faceIdProperty().get(), pictures, columns, gap));
  }

  /** A picture as bytes of a file, such as from the clipboard, its middle at a place. */
  public void picture(String name, byte[] bytes, Point at) {
    try {
      place(Pictures.look(name, bytes, Pictures.Limits.USUAL), at);
    } catch (Trouble trouble) {
      session.say(trouble.getMessage());
    }
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
    add(new Item.Words(properties("item.words"), place, kept, style));
  }

  private void shape(String key, Outline outline) {
    Box safe = session.frame().safeBox();
    double side = Math.min(safe.width(), safe.height()) * SHARE;
    add(Item.Shape.of(properties(key), middle(new Size(side, side)), outline, Optional.of(SAGE), Optional.empty()));
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
