package org.zipthimble.samples;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.zipthimble.core.bring.Ornament;
import org.zipthimble.core.bring.OrnamentShelf;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.ItemProperties;
import org.zipthimble.core.item.ItemShape;
import org.zipthimble.core.item.ItemWords;
import org.zipthimble.core.item.LineLook;
import org.zipthimble.core.item.Outline;
import org.zipthimble.core.item.Placement;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.Palette;
import org.zipthimble.core.job.Swatch;
import org.zipthimble.core.picture.Picture;
import org.zipthimble.core.plan.Ticket;
import org.zipthimble.core.type.Align;
import org.zipthimble.core.type.WordStyle;
import org.zipthimble.core.units.Insets;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.units.Unit;

/** What the demo jobs are put together with. */
final class SampleFace {
  static final Colour PAPER = Colour.of(0xFBF5E6);
  static final Colour BEET = Colour.of(0x7A2E22);
  static final Colour INK = Colour.of(0x3B2B26);
  static final Colour BRASS = Colour.of(0xB07F2A);
  static final Colour GREEN = Colour.of(0x3A6B45);
  static final Colour PLUM = Colour.of(0x7A3F63);

  final SeedArt art = new SeedArt();
  private final List<Item> items = new ArrayList<>();

  /** Ends a face: what was put down so far lies on it. */
  Face face(String id, String name) {
    Face face = Face.of(id, name, items);
    items.clear();
    return face;
  }

  static Job job(String name, String item, int number, Size size, double bleed, String stock, int quantity, List<Face> faces) {
    return job(name, item, number, size, bleed, stock, quantity, Map.of(), faces);
  }

  static Job job(String name, String item, int number, Size size, double bleed, String stock, int quantity, Map<String, Picture> pictures,
      List<Face> faces) {
    Ticket ticket = new Ticket(item, number, size, Insets.all(bleed), Insets.all(0.125), 300, false, stock, quantity, Unit.INCH);
    Palette palette = new Palette(List.of(Swatch.of("paper", PAPER), Swatch.of("beet", BEET), Swatch.of("soil ink", INK),
        Swatch.of("brass", BRASS), Swatch.of("leaf", GREEN), Swatch.of("plum", PLUM)), Colour.WHITE);
    return Job.of(name, ticket, faces, pictures).withPalette(palette);
  }

  void put(Item item) {
    items.add(item);
  }

  void fill(String name, Box box, Colour colour) {
    put(ItemShape.of(art.properties(name), Placement.of(box), new Outline.Rectangle(0), Optional.of(colour), Optional.empty()));
  }

  void frame(String name, Box box, double radius, double pt, Colour colour) {
    put(ItemShape.of(art.properties(name), Placement.of(box), new Outline.Rectangle(radius), Optional.empty(),
        Optional.of(LineLook.of(pt, colour))));
  }

  void words(String name, String text, Box box, String family, String style, double pt, double tracking, Align align, Colour colour) {
    put(ItemWords.of(art.properties(name), Placement.of(box), text, new WordStyle(family, style, pt, 125, tracking, align, colour)));
  }

  /** An ornament of the shelf, its middle at a place, this wide before it is turned. */
  void ornament(String name, Point middle, double width, double turn) {
    put(drawn(name, middle, width, turn));
  }

  /** The same, not put down. */
  Item drawn(String name, Point middle, double width, double turn) {
    Ornament ornament = OrnamentShelf.all().stream().filter(o -> o.name().equals(name)).findFirst().orElseThrow();
    Item item = named(ornament.item(1, middle));
    Placement p = item.placement();
    double height = p.height() * width / p.width();
    return item.with(Placement.of(middle.x() - width / 2, middle.y() - height / 2, width, height, turn));
  }

  /** Gives an object and its members ids of this desk. */
  Item named(Item item) {
    Item out = item.with(ItemProperties.of(art.properties("x").id(), item.properties().name()));
    return out.holding(out.members().stream().map(this::named).toList());
  }
}
