package org.zipthimble.samples.ornament;

import java.util.ArrayList;
import java.util.List;
import java.util.function.DoubleFunction;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Point;

/** Borders, corners and dividers. */
final class Edges {
  private static final double LONG = 12;

  private Edges() {}

  static List<OrnamentDraft> borders() {
    List<OrnamentDraft> all = new ArrayList<>();
    OrnamentDraft vine = border("Vine border", "border vine leaf strip");
    DoubleFunction<Point> wave = OrnamentForms.wave(LONG, 0.28, 3);
    vine.put("vine", OrnamentDraft.DEEP, OrnamentForms.ribbon(part(wave, 0, 0.5), 0.07, 0.07))
        .put("vine", OrnamentDraft.DEEP, OrnamentForms.ribbon(part(wave, 0.5, 1), 0.07, 0.07));
    for (int i = 0; i < 18; i++) {
      double t = (i + 0.5) / 18;
      vine.put("leaves", OrnamentDraft.LEAF, OrnamentForms.leaf(0.5),
          OrnamentForms.at(wave.apply(t), OrnamentForms.direction(wave, t) + (i % 2 == 0 ? 55 : -55), 0.55));
    }
    all.add(vine);
    all.add(repeated("Bean border", "border bean seed row", 12,
        (d, i) -> d.put(i % 2 == 0 ? "dark beans" : "light beans", i % 2 == 0 ? OrnamentDraft.BEET : OrnamentDraft.GOLD,
        OrnamentForms.oval(0, 0, 0.32, 0.2), Affine.turn(i % 2 == 0 ? -25 : 25, new Point(0, 0)).then(Affine.move(i + 0.5, 0)))));
    all.add(repeated("Scallop border", "border scallop lace edge", 12, (d, i) -> d
        .put("scallops", OrnamentDraft.CHALK, Path.build().start(i, 0).curve(i, 0.66, i + 1, 0.66, i + 1, 0).close().path())
        .put("dots", OrnamentDraft.CREAM, OrnamentForms.disc(i + 0.5, 0.2, 0.09))));
    all.add(repeated("Dash and dot border", "border dots dashes line", 12, (d, i) -> d
        .put("dashes", OrnamentDraft.INK, OrnamentForms.box(i + 0.05, -0.05, 0.6, 0.1, 0.05))
        .put("dots", OrnamentDraft.BRASS, OrnamentForms.disc(i + 0.825, 0, 0.08))));
    all.add(repeated("Saw border", "border zigzag triangles saw", 12, (d, i) -> d
        .put("teeth", OrnamentDraft.RUST, OrnamentForms.polygon(i, 0.5, i + 0.5, 0, i + 1, 0.5))
        .put("line", OrnamentDraft.INK, OrnamentForms.box(i, 0.58, 1.001, 0.08, 0))));
    OrnamentDraft waves = border("Wave border", "border waves water line");
    for (int row = 0; row < 3; row++) {
      for (int half = 0; half < 4; half++) {
        DoubleFunction<Point> w = part(OrnamentForms.wave(LONG, 0.14, 6), half / 4.0, (half + 1) / 4.0);
        double dy = row * 0.26;
        waves.put("wave " + (row + 1), List.of(OrnamentDraft.INK, OrnamentDraft.CHALK, OrnamentDraft.PALE).get(row),
            OrnamentForms.ribbon(t -> w.apply(t).plus(0, dy), 0.07, 0.07));
      }
    }
    all.add(waves);
    all.add(repeated("Stitch border", "border stitch sewing thread cross", 12, (d, i) -> d
        .put("stitches", OrnamentDraft.BEET, OrnamentForms.box(-0.36, -0.05, 0.72, 0.1, 0.05),
        Affine.turn(45, new Point(0, 0)).then(Affine.move(i + 0.5, 0)))
        .put("stitches", OrnamentDraft.BEET, OrnamentForms.box(-0.36, -0.05, 0.72, 0.1, 0.05),
        Affine.turn(-45, new Point(0, 0)).then(Affine.move(i + 0.5, 0)))));
    all.add(repeated("Sprout border", "border sprout seedling row garden", 12, (d, i) -> d
        .put("soil", OrnamentDraft.SOIL, OrnamentForms.box(i, 0, 1.001, 0.12, 0))
        .put("stems", OrnamentDraft.DEEP, OrnamentForms.box(i + 0.47, -0.5, 0.06, 0.5, 0))
        .put("leaves", OrnamentDraft.LEAF, OrnamentForms.roundLeaf(0.4), OrnamentForms.at(new Point(i + 0.5, -0.42), -35, 0.4))
        .put("leaves", OrnamentDraft.LEAF, OrnamentForms.roundLeaf(0.4), OrnamentForms.at(new Point(i + 0.5, -0.42), -145, 0.4))));
    return all;
  }

  private interface Step {
    void draw(OrnamentDraft draft, int index);
  }

  private static OrnamentDraft border(String name, String words) {
    return new OrnamentDraft("borders", name, words, 6);
  }

  private static OrnamentDraft repeated(String name, String words, int times, Step step) {
    OrnamentDraft d = border(name, words);
    for (int i = 0; i < times; i++) {
      step.draw(d, i);
    }
    return d;
  }

  private static DoubleFunction<Point> part(DoubleFunction<Point> whole, double from, double to) {
    return t -> whole.apply(from + (to - from) * t);
  }

  static List<OrnamentDraft> corners() {
    List<OrnamentDraft> all = new ArrayList<>();
    OrnamentDraft vine = corner("Vine corner", "corner vine leaf");
    for (Affine side : List.of(Affine.IDENTITY, new Affine(0, 1, 1, 0, 0, 0))) {
      DoubleFunction<Point> c = OrnamentForms.cubic(0.1, 0.1, 0.6, -0.1, 1.2, 0.4, 2, 0.1);
      vine.put("vine", OrnamentDraft.DEEP, OrnamentForms.ribbon(c, 0.05, 0.02), side);
      for (int i = 0; i < 6; i++) {
        double t = 0.15 + i * 0.14;
        vine.put("leaves", OrnamentDraft.LEAF, OrnamentForms.leaf(0.5),
            OrnamentForms.at(c.apply(t), OrnamentForms.direction(c, t) + (i % 2 == 0 ? 50 : -50), 0.36).then(side));
      }
    }
    all.add(vine);
    all.add(corner("Rule corner", "corner line rule dot").put("rules", OrnamentDraft.INK, OrnamentForms.box(0, 0, 2, 0.07, 0))
        .put("rules", OrnamentDraft.INK, OrnamentForms.box(0, 0.07, 0.07, 1.93, 0))
        .put("inner rules", OrnamentDraft.BRASS, OrnamentForms.box(0.2, 0.2, 1.6, 0.04, 0))
        .put("inner rules", OrnamentDraft.BRASS, OrnamentForms.box(0.2, 0.24, 0.04, 1.56, 0))
        .put("dot", OrnamentDraft.RUST, OrnamentForms.disc(0.45, 0.45, 0.1)));
    OrnamentDraft fan = corner("Leaf fan corner", "corner fan leaf palm");
    for (int i = 0; i <= 6; i++) {
      fan.put(i % 2 == 0 ? "leaves" : "pale leaves", i % 2 == 0 ? OrnamentDraft.LEAF : OrnamentDraft.PALE, OrnamentForms.leaf(0.22),
          OrnamentForms.at(new Point(0, 0), 15 * i, i % 2 == 0 ? 2 : 1.6));
    }
    all.add(fan);
    OrnamentDraft scroll = corner("Scroll corner", "corner scroll curl");
    for (Affine side : List.of(Affine.IDENTITY, new Affine(0, 1, 1, 0, 0, 0))) {
      scroll.put("scroll", OrnamentDraft.INK, OrnamentForms.ribbon(OrnamentForms.cubic(0.05, 0.05, 0.8, 0, 1.6, 0, 1.9, 0.3), 0.09, 0.05),
          side);
      scroll.put("scroll", OrnamentDraft.INK, OrnamentForms.ribbon(OrnamentForms.arc(1.62, 0.34, 0.28, -8, 250), 0.05, 0.02), side);
      scroll.put("dots", OrnamentDraft.BRASS, OrnamentForms.disc(1.62, 0.34, 0.07), side);
    }
    all.add(scroll);
    OrnamentDraft beans = corner("Bean corner", "corner bean seed");
    for (int i = 0; i < 5; i++) {
      beans.put(i % 2 == 0 ? "dark beans" : "light beans", i % 2 == 0 ? OrnamentDraft.BEET : OrnamentDraft.GOLD,
          OrnamentForms.oval(0.25 + i * 0.4, 0.2, 0.17, 0.11));
      if (i > 0) {
        beans.put(i % 2 == 0 ? "dark beans" : "light beans", OrnamentDraft.GOLD, OrnamentForms.oval(0.2, 0.2 + i * 0.4, 0.11, 0.17));
      }
    }
    all.add(beans);
    OrnamentDraft rays = corner("Sun corner", "corner sun rays");
    rays.put("sun", OrnamentDraft.GOLD, Path.build().start(0, 0).line(0.6, 0).curve(0.6, 0.33, 0.33, 0.6, 0, 0.6).close().path());
    for (int i = 0; i < 7; i++) {
      rays.put("rays", OrnamentDraft.BRASS, OrnamentForms.polygon(0.75, -0.05, i % 2 == 0 ? 1.9 : 1.4, 0, 0.75, 0.05),
          Affine.turn(15 * i, new Point(0, 0)));
    }
    all.add(rays);
    all.add(corner("Stepped corner", "corner steps blocks deco")
        .put("outer", OrnamentDraft.INK, OrnamentForms.polygon(0, 0, 2, 0, 2, 0.1, 0.5, 0.1, 0.5, 0.3, 0.3, 0.3, 0.3, 0.5, 0.1, 0.5, 0.1,
        2, 0, 2))
        .put("inner", OrnamentDraft.BRASS, OrnamentForms.polygon(0.62, 0.22, 1.8, 0.22, 1.8, 0.28, 0.68, 0.28, 0.68, 0.48, 0.48, 0.48,
        0.48, 0.68, 0.28, 0.68, 0.28, 1.8, 0.22, 1.8, 0.22, 0.62, 0.42, 0.62, 0.42, 0.42, 0.62, 0.42)));
    OrnamentDraft arch = corner("Arch corner", "corner arch curve round");
    arch.put("arches", OrnamentDraft.PLUM, OrnamentForms.ribbon(OrnamentForms.arc(2, 2, 1.9, 180, 270), 0.08, 0.08))
        .put("inner arches", OrnamentDraft.CHALK, OrnamentForms.ribbon(OrnamentForms.arc(2, 2, 1.65, 180, 270), 0.04, 0.04));
    all.add(arch.put("blossom", OrnamentDraft.RUST, OrnamentForms.star(8, 0.22, 0.12), Affine.move(0.35, 0.35)));
    return all;
  }

  private static OrnamentDraft corner(String name, String words) {
    return new OrnamentDraft("corners", name, words, 1.5);
  }

  static List<OrnamentDraft> dividers() {
    List<OrnamentDraft> all = new ArrayList<>();
    all.add(tapered("Diamond divider", "divider line diamond", OrnamentDraft.INK)
        .put("diamond", OrnamentDraft.BRASS, OrnamentForms.polygon(0, -0.16, 0.2, 0, 0, 0.16, -0.2, 0)));
    OrnamentDraft leafy = tapered("Leaf divider", "divider line leaf", OrnamentDraft.DEEP);
    for (Affine side : List.of(Affine.IDENTITY, OrnamentForms.flip(0))) {
      leafy.put("leaves", OrnamentDraft.LEAF, OrnamentForms.leaf(0.5), OrnamentForms.at(new Point(0.05, 0), -30, 0.5).then(side))
          .put("leaves", OrnamentDraft.LEAF, OrnamentForms.leaf(0.5), OrnamentForms.at(new Point(0.05, 0), 30, 0.5).then(side));
    }
    all.add(leafy);
    all.add(tapered("Bean divider", "divider line bean seed", OrnamentDraft.SOIL)
        .put("bean", OrnamentDraft.BEET, OrnamentForms.oval(0, 0, 0.26, 0.17))
        .put("glint", OrnamentDraft.CREAM, OrnamentForms.oval(-0.08, -0.06, 0.07, 0.03)));
    OrnamentDraft wave = divider("Wave divider", "divider wave line");
    for (int i = 0; i < 2; i++) {
      wave.put("wave", OrnamentDraft.CHALK, OrnamentForms.ribbon(part(OrnamentForms.wave(6, 0.14, 4), i / 2.0, (i + 1) / 2.0), 0.06, 0.06));
    }
    all.add(wave);
    OrnamentDraft dots = divider("Dots divider", "divider dots row");
    for (int i = -5; i <= 5; i++) {
      dots.put(i == 0 ? "middle dot" : "dots", i == 0 ? OrnamentDraft.RUST : OrnamentDraft.INK,
          OrnamentForms.disc(i * 0.5, 0, 0.13 - Math.abs(i) * 0.02));
    }
    all.add(dots);
    all.add(tapered("Star divider", "divider star line", OrnamentDraft.INK)
        .put("star", OrnamentDraft.GOLD, OrnamentForms.star(5, 0.26, 0.11)));
    OrnamentDraft scroll = divider("Scroll divider", "divider scroll curl");
    for (Affine side : List.of(Affine.IDENTITY, OrnamentForms.flip(0))) {
      scroll.put("scroll", OrnamentDraft.PLUM,
          OrnamentForms.ribbon(OrnamentForms.cubic(0.1, 0.1, 0.8, -0.5, 1.6, 0.5, 2.6, 0), 0.08, 0.02), side)
          .put("scroll", OrnamentDraft.PLUM, OrnamentForms.ribbon(OrnamentForms.arc(0.36, 0.14, 0.22, -60, 190), 0.05, 0.02), side);
    }
    all.add(scroll.put("bead", OrnamentDraft.BRASS, OrnamentForms.disc(0, 0.02, 0.09)));
    OrnamentDraft twig = divider("Twig divider", "divider twig branch leaf");
    DoubleFunction<Point> t = OrnamentForms.cubic(-3, 0.05, -1, -0.2, 1, 0.2, 3, -0.05);
    twig.put("twig", OrnamentDraft.SOIL, OrnamentForms.ribbon(t, 0.06, 0.03));
    for (int i = 0; i < 11; i++) {
      double at = 0.06 + i * 0.088;
      twig.put("leaves", OrnamentDraft.PALE, OrnamentForms.leaf(0.46),
          OrnamentForms.at(t.apply(at), OrnamentForms.direction(t, at) + (i % 2 == 0 ? 42 : -42), 0.42));
    }
    all.add(twig);
    all.add(divider("Double rule", "divider double line rule")
        .put("thick rule", OrnamentDraft.INK, OrnamentForms.box(-3, -0.08, 6, 0.08, 0))
        .put("thin rule", OrnamentDraft.INK, OrnamentForms.box(-3, 0.06, 6, 0.03, 0)));
    OrnamentDraft sprout = divider("Sprout divider", "divider sprout seedling soil")
        .put("soil", OrnamentDraft.SOIL, OrnamentForms.ribbon(OrnamentForms.cubic(-3, 0.1, -1, -0.06, 1, -0.06, 3, 0.1), 0.04, 0.04))
        .put("stem", OrnamentDraft.DEEP, OrnamentForms.box(-0.03, -0.5, 0.06, 0.5, 0));
    sprout.put("leaves", OrnamentDraft.LEAF, OrnamentForms.roundLeaf(0.4), OrnamentForms.at(new Point(0, -0.42), -30, 0.5))
        .put("leaves", OrnamentDraft.LEAF, OrnamentForms.roundLeaf(0.4), OrnamentForms.at(new Point(0, -0.42), -150, 0.5));
    all.add(sprout);
    return all;
  }

  private static OrnamentDraft divider(String name, String words) {
    return new OrnamentDraft("dividers", name, words, 3);
  }

  private static OrnamentDraft tapered(String name, String words, String colour) {
    OrnamentDraft d = divider(name, words);
    for (Affine side : List.of(Affine.IDENTITY, OrnamentForms.flip(0))) {
      d.put("lines", colour, OrnamentForms.ribbon(t -> new Point(0.35 + 2.65 * t, 0), 0.07, 0.01), side);
    }
    return d;
  }
}
