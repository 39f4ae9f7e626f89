package org.zipthimble.core.store;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import org.zipthimble.core.colour.Profile;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.job.Book;
import org.zipthimble.core.job.CarriedFont;
import org.zipthimble.core.job.ColourPlan;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Fact;
import org.zipthimble.core.job.Guest;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.Making;
import org.zipthimble.core.job.NamedStyle;
import org.zipthimble.core.job.Palette;
import org.zipthimble.core.job.RowList;
import org.zipthimble.core.job.SizeSet;
import org.zipthimble.core.job.Under;
import org.zipthimble.core.picture.Picture;
import org.zipthimble.core.plan.CutPlan;
import org.zipthimble.core.plan.SheetPlan;
import org.zipthimble.core.plan.Ticket;

/** What stands in {@code job.json}: a job without the bytes of its pictures, fonts and profile. */
record JobDocument(
    String format, int version, String name, Ticket ticket, SheetPlan sheet, Palette palette, CutPlan cutting, ColourPlan colour,
    List<Entry> pictures, List<NamedStyle> styles, List<Fact> facts, Optional<RowList> list, Optional<Book> book, SizeSet sizes,
    Optional<List<GuestEntry>> guests, Making making, List<Face> faces) {
  /** The version this program writes; it reads this one and those below. */
  static final int VERSION = 10;

  /** What the first field says of every job. */
  static final String FORMAT = "zip-thimble-job";

  /** A picture of the job and where its bytes stand in the file. */
  record Entry(String id, String name, String file, int width, int height) {}

  /** A guest and where its job stands in the file. */
  record GuestEntry(String id, String file, int quantity, String entry) {}

  static JobDocument of(Job job) {
    List<Entry> pictures = job.pictures().values().stream().map(p -> new Entry(p.id(), p.name(), file(p), p.width(), p.height())).toList();
    return new JobDocument(
        FORMAT, VERSION, job.name(), job.ticket(), job.sheet(), job.palette(), job.cutting(), job.colour(), pictures, job.styles(),
        job.facts(), job.list(), job.book(), job.sizes(),
        job.guests().isEmpty() ? Optional.empty()
        : Optional.of(job.guests().stream().map(g -> new GuestEntry(g.id(), g.file(), g.quantity(), file(g))).toList()), job.making(),
        job.faces().stream().map(f -> f.withUnder(Under.NONE)).toList());
  }

  /**
   * The job.
   *
   * @param read the pictures by the ids of their entries; where the bytes are no longer those that were saved, what used them uses these
   */
  Job job(Map<String, Picture> read, List<CarriedFont> fonts, List<Guest> guests) {
    Map<String, Picture> byId = new TreeMap<>();
    read.values().forEach(p -> byId.put(p.id(), p));
    boolean changed = !byId.keySet().equals(read.keySet());
    UnaryOperator<Item> now = item -> item.repictured(id -> read.containsKey(id) ? read.get(id).id() : id);
    List<Face> shown = changed ? faces.stream().map(f -> f.changed(f.all().stream().map(Item::id).collect(Collectors.toSet()), now))
        .toList() : faces;
    return new Job(name, ticket, shown, sheet, byId, fonts, palette, cutting, colour, styles, facts, list, book, sizes, guests,
        making.withPhoto(making.photo().map(p -> p.withPicture(read.containsKey(p.picture()) ? read.get(p.picture()).id() : p.picture()))));
  }

  /** Where a picture's bytes stand in the file. */
  static String file(Picture picture) {
    return "pictures/" + picture.id() + "." + picture.kind().ending();
  }

  /** Where a guest's job stands in the file. */
  static String file(Guest guest) {
    return "guests/" + guest.id() + ".thimble";
  }

  /** Where a profile's bytes stand in the file. */
  static String file(Profile profile) {
    return "profiles/" + profile.id() + ".icc";
  }
}
