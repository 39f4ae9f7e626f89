package org.zipthimble.core.job;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.function.UnaryOperator;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.Pattern;
import org.zipthimble.core.kept.Reading;
import org.zipthimble.core.picture.Picture;
import org.zipthimble.core.plan.CutPlan;
import org.zipthimble.core.plan.Lane;
import org.zipthimble.core.plan.SheetPlan;
import org.zipthimble.core.plan.Ticket;
import org.zipthimble.core.thing.Body;
import org.zipthimble.core.thing.Development;
import org.zipthimble.core.thing.Laid;
import org.zipthimble.core.thing.Process;
import org.zipthimble.core.thing.Thing;
import org.zipthimble.core.units.Insets;
import org.zipthimble.core.units.Side;
import org.zipthimble.core.units.Size;

/**
 * A whole job as a value: its ticket, its faces, the pictures and fonts it carries.
 *
 * @param pictures every picture a face may use, by its identity
 * @param styles looks of words by name
 * @param facts what is true of the job and stands in its words
 * @param list whose rows fill the fields in turn
 * @param book how its faces are bound; empty for loose ones
 * @param sizes other finished sizes of the same design
 * @param guests other jobs whose pieces lie on its sheets
 * @param making what it is put onto, and how
 */
@RecordBuilder
public record Job(
    String name, Ticket ticket, List<Face> faces, SheetPlan sheet, Map<String, Picture> pictures, List<CarriedFont> fonts,
    Palette palette, CutPlan cutting, ColourPlan colour,
    List<NamedStyle> styles, List<Fact> facts, Optional<RowList> list, Optional<Book> book, SizeSet sizes, List<Guest> guests,
    Making making) implements JobBuilder.With {
  /** The most faces a job may have. */
  public static final int MOST_FACES = 400;

  private static final java.util.regex.Pattern ID = java.util.regex.Pattern.compile("i\\d{1,8}");
  private static final int MOST_ID = 99_999_999;
  private static final int MOST_NAMED = 500;
  private static final int GAP = 1_000_000;

  /** A face this near the size of a thing's flat piece goes onto it, in inches. */
  private static final double NEAR = 1e-3;

  /** Keeps copies and checks that every picture and id is sound. */
  public Job {
    faces = List.copyOf(faces);
    fonts = List.copyOf(fonts);
    styles = List.copyOf(styles);
    guests = List.copyOf(guests);
    unlike("guest", guests.stream().map(Guest::id).toList());
    facts = List.copyOf(facts);
    unlike("style", styles.stream().map(NamedStyle::name).toList());
    unlike("fact", facts.stream().map(Fact::name).toList());
    pictures = JobPictures.of(pictures);
    if (name == null || name.isBlank() || faces.isEmpty() || faces.size() > MOST_FACES) {
      throw new IllegalArgumentException("a job needs a name and 1 to " + MOST_FACES + " faces");
    }
    if (making.photo().isPresent() && !pictures.containsKey(making.photo().get().picture())) {
      throw new IllegalArgumentException("the photograph of the thing is not in the job");
    }
    Set<String> ids = new HashSet<>();
    for (Face face : faces) {
      for (Item item : face.all()) {
        if (!ids.add(item.id())) {
          throw new IllegalArgumentException("two objects have the id " + item.id());
        }
        List<String> used = item.pictureIds();
        if (!used.isEmpty() && !pictures.keySet().containsAll(used)) {
          throw new IllegalArgumentException("the picture of " + item.id() + " is not in the job");
        }
      }
    }
  }

  private static void unlike(String what, List<String> names) {
    if (names.size() > MOST_NAMED || Set.copyOf(names).size() < names.size()) {
      throw new IllegalArgumentException("two of the same name, or more than " + MOST_NAMED + ": " + what + " " + names);
    }
  }

  /** A job for a printer at home, alone on its sheet, on white stock, not cut, with these faces and the pictures they use. */
  public static Job of(String name, Ticket ticket, List<Face> faces, Map<String, Picture> pictures) {
    return new Job(name, ticket, faces, SheetPlan.ALONE, pictures, List.of(), Palette.PLAIN, CutPlan.NONE, ColourPlan.HOME, List.of(),
        List.of(), Optional.empty(), Optional.empty(), SizeSet.NONE, List.of(), Making.FLAT);
  }

  /** A new job with blank faces of these names. */
  public static Job blank(String name, Ticket ticket, List<String> faceNames) {
    List<Face> faces = new ArrayList<>();
    for (String faceName : faceNames) {
      faces.add(Face.of("f" + (faces.size() + 1), faceName, List.of()));
    }
    return Job.of(name, ticket, faces, Map.of());
  }

  // Every part is read through its accessor, so that kept results know of it: within this class as well.

  @Override
  public String name() {
    return Reading.part(this, "name", name, Job::name);
  }

  @Override
  public Ticket ticket() {
    return Reading.part(this, "ticket", ticket, Job::ticket);
  }

  @Override
  public List<Face> faces() {
    return Reading.part(this, "faces", faces, Job::faces);
  }

  @Override
  public SheetPlan sheet() {
    return Reading.part(this, "sheet", sheet, Job::sheet);
  }

  @Override
  public Map<String, Picture> pictures() {
    return Reading.part(this, "pictures", pictures, Job::pictures);
  }

  @Override
  public List<CarriedFont> fonts() {
    return Reading.part(this, "fonts", fonts, Job::fonts);
  }

  @Override
  public Palette palette() {
    return Reading.part(this, "palette", palette, Job::palette);
  }

  @Override
  public CutPlan cutting() {
    return Reading.part(this, "cutting", cutting, Job::cutting);
  }

  @Override
  public ColourPlan colour() {
    return Reading.part(this, "colour", colour, Job::colour);
  }

  @Override
  public List<NamedStyle> styles() {
    return Reading.part(this, "styles", styles, Job::styles);
  }

  @Override
  public List<Fact> facts() {
    return Reading.part(this, "facts", facts, Job::facts);
  }

  @Override
  public Optional<RowList> list() {
    return Reading.part(this, "list", list, Job::list);
  }

  @Override
  public Optional<Book> book() {
    return Reading.part(this, "book", book, Job::book);
  }

  @Override
  public SizeSet sizes() {
    return Reading.part(this, "sizes", sizes, Job::sizes);
  }

  @Override
  public List<Guest> guests() {
    return Reading.part(this, "guests", guests, Job::guests);
  }

  @Override
  public Making making() {
    return Reading.part(this, "making", making, Job::making);
  }

  /** The same with one more picture to use. */
  public Job with(Picture picture) {
    Map<String, Picture> more = new TreeMap<>(pictures());
    more.putIfAbsent(picture.id(), picture);
    return withPictures(more);
  }

  /** The same without the pictures that no face uses; where a list names pictures all stay. */
  public Job withoutUnusedPictures() {
    Map<String, Picture> used = new TreeMap<>(pictures());
    Set<String> wanted = new HashSet<>();
    faces().forEach(f -> f.all().forEach(i -> wanted.addAll(i.pictureIds())));
    making().photo().ifPresent(p -> wanted.add(p.picture()));
    if (list().filter(l -> !l.pictures().isEmpty()).isPresent()) {
      return this;
    }
    used.keySet().retainAll(wanted);
    return withPictures(used);
  }

  /** The size of a face, its bleed, its safe area, its folds and what else lies along its edges. */
  public Frame frame(Face face) {
    return Reading.answer(this, Reading.about("frame", face), job -> job.frame(face), () -> framed(face));
  }

  private Frame framed(Face face) {
    Size size = face.form().size().orElse(ticket().finished());
    Insets safe = ticket().safe().atMost(Ticket.mostSafe(size));
    List<Path> folds = face.form().fold().map(f -> f.lines(size)).orElse(List.of());
    Optional<Laid> laid = onThing(face).map(Laid::of);
    Optional<Side> inner = inner(face);
    if (inner.isEmpty()) {
      List<Path> keepOuts = laid.map(l -> l.zones().stream().map(Body.Zone::outline).toList()).orElse(List.of());
      return new Frame(size, ticket().bleed(), safe, keepOuts, folds, laid.flatMap(Laid::outline));
    }
    double margin = Math.min(Ticket.mostSafe(size), Math.max(book().get().inner(), safe.at(inner.get())));
    return new Frame(size, ticket().bleed().with(inner.get(), 0), safe.with(inner.get(), margin), List.of(), folds, Optional.empty());
  }

  /** The frame of a flat and loose face that is as the ticket says. */
  public Frame usualFrame() {
    return new Frame(ticket().finished(), ticket().bleed(), ticket().safe(), List.of(), List.of(), Optional.empty());
  }

  /** The body that a face is put onto; empty where the job has none, or where face or ticket have another size than it asks for. */
  public Optional<Body> onThing(Face face) {
    return Reading.answer(this, Reading.about("thing", face), job -> job.onThing(face), () -> thingOf(face));
  }

  private Optional<Body> thingOf(Face face) {
    Size size = face.form().size().orElse(ticket().finished());
    return making().thing().map(Thing::body).filter(b -> !face.form().shared() && near(Laid.of(b).size(), size));
  }

  private static boolean near(Size a, Size b) {
    return Math.abs(a.width() - b.width()) < NEAR && Math.abs(a.height() - b.height()) < NEAR;
  }

  /** How a face is bent on its way out; empty where it leaves as it is composed. */
  public Optional<Development> development(Face face) {
    return onThing(face).flatMap(Body::development);
  }

  /** How the job comes onto what it is for: what its destination says, or what was chosen. */
  public Process process() {
    return making().process() == Process.AS_SEEN && colour().to() == Destination.SUBLIMATION ? Process.TRANSFER : making().process();
  }

  /** Whether what leaves must be turned left for right, once: as its process or its ticket says. */
  public boolean mustMirror() {
    return process().mirrored() || ticket().mirror();
  }

  /** Whether what is cut of a lane must be a mirror image, by what it is made of and how it comes onto its thing. */
  public boolean mustMirror(Lane lane) {
    return lane.material().mirrored() || making().process() == Process.IRON_ON || making().process() == Process.PANE_INSIDE;
  }

  /** Whether this program turns what is cut of a lane: as the lane says, unless the cutter does it by itself. */
  public boolean mirrorsHere(Lane lane) {
    return lane.mirrored() && making().by() == Making.MirrorBy.PROGRAM;
  }

  /** Whether this program turns what leaves, as far as ticket and route say. */
  public boolean mirrorsHere() {
    return ticket().mirror() && making().by() == Making.MirrorBy.PROGRAM;
  }

  /** The faces that leave by themselves: all but those that are only shared below others. */
  public List<Face> leaving() {
    List<Face> own = faces().stream().filter(f -> !f.form().shared()).toList();
    return own.isEmpty() ? faces() : own;
  }

  /** The pages of a book, its cover first: the faces that leave and have no size of their own. */
  public List<Face> pages() {
    return leaving().stream().filter(f -> f.form().size().isEmpty()).toList();
  }

  /** The side of a page that lies at the fold or the back: the left one of a right-hand page. Empty for what is not bound. */
  public Optional<Side> inner(Face face) {
    return Reading.answer(this, Reading.about("inner", face), job -> job.inner(face), () -> innerOf(face));
  }

  private Optional<Side> innerOf(Face face) {
    if (book().isEmpty() || face.form().shared() || face.form().size().isPresent()) {
      return Optional.empty();
    }
    int before = 0;
    for (Face page : pages()) {
      if (page.id().equals(face.id())) {
        return Optional.of(before % 2 == 0 ? Side.LEFT : Side.RIGHT);
      }
      before++;
    }
    return Optional.empty();
  }

  /** The face with this id. */
  public Optional<Face> face(String faceId) {
    return faces().stream().filter(f -> f.id().equals(faceId)).findFirst();
  }

  /** The job with one face changed. */
  public Job changed(String faceId, UnaryOperator<Face> change) {
    return withFaces(faces().stream().map(f -> f.id().equals(faceId) ? change.apply(f) : f).toList());
  }

  /** An id that no object has yet. */
  public String freshId() {
    TreeSet<Integer> taken = new TreeSet<>(Set.of(0));
    for (Face face : faces()) {
      for (Item item : face.all()) {
        if (ID.matcher(item.id()).matches()) {
          taken.add(Integer.parseInt(item.id().substring(1)));
        }
      }
    }
    int before = taken.last();
    // Near the end of all numbers the first wide gap among them is used: many objects may be numbered from here on.
    for (Integer one : before > MOST_ID - GAP ? taken : Set.<Integer>of()) {
      Integer next = taken.higher(one);
      if (next != null && next - one > GAP) {
        before = one;
        break;
      }
    }
    return "i" + (before + 1);
  }
}
