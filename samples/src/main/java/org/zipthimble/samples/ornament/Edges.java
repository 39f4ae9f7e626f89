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

  static List<Draft> borders() {
    List<Draft> all = new ArrayList<>();
    Draft vine = border("Vine border", "border vine leaf strip");
    DoubleFunction<Point> wave = Forms.wave(LONG, 0.28, 3);
    vine.put("vine", Draft.DEEP, Forms.ribbon(part(wave, 0, 0.5), 0.07, 0.07)).put("vine", Draft.DEEP, Forms.ribbon(part(wave, 0.5, 1), 0.07, 0.07));
    for (int i = 0; i < 18; i++) {
      double t = (i + 0.5) / 18;
      vine.put("leaves", Draft.LEAF, Forms.leaf(0.5), Forms.at(wave.apply(t), Forms.direction(wave, t) + (i % 2 == 0 ? 55 : -55), 0.55));
    }
    all.add(vine);
    all.add(repeated("Bean border", "border bean seed row", 12, (d, i) -> d.put(i % 2 == 0 ? "dark beans" : "light beans", i % 2 == 0 ? Draft.BEET : Draft.GOLD,
        Forms.oval(0, 0, 0.32, 0.2), Affine.turn(i % 2 == 0 ? -25 : 25, new Point(0, 0)).then(Affine.move(i + 0.5, 0)))));
    all.add(repeated("Scallop border", "border scallop lace edge", 12, (d, i) -> d
        .put("scallops", Draft.CHALK, Path.build().start(i, 0).curve(i, 0.66, i + 1, 0.66, i + 1, 0).close().path())
        .put("dots", Draft.CREAM, Forms.disc(i + 0.5, 0.2, 0.09))));
    all.add(repeated("Dash and dot border", "border dots dashes line", 12, (d, i) -> d
        .put("dashes", Draft.INK, Forms.box(i + 0.05, -0.05, 0.6, 0.1, 0.05)).put("dots", Draft.BRASS, Forms.disc(i + 0.825, 0, 0.08))));
    all.add(repeated("Saw border", "border zigzag triangles saw", 12, (d, i) -> d
        .put("teeth", Draft.RUST, Forms.polygon(i, 0.5, i + 0.5, 0, i + 1, 0.5)).put("line", Draft.INK, Forms.box(i, 0.58, 1.001, 0.08, 0))));
    Draft waves = border("Wave border", "border waves water line");
    for (int row = 0; row < 3; row++) {
      for (int half = 0; half < 4; half++) {
        DoubleFunction<Point> w = part(Forms.wave(LONG, 0.14, 6), half / 4.0, (half + 1) / 4.0);
        double dy = row * 0.26;
        waves.put("wave " + (row + 1), List.of(Draft.INK, Draft.CHALK, Draft.PALE).get(row), Forms.ribbon(t -> w.apply(t).plus(0, dy), 0.07, 0.07));
      }
    }
    all.add(waves);
    all.add(repeated("Stitch border", "border stitch sewing thread cross", 12, (d, i) -> d
        .put("stitches", Draft.BEET, Forms.box(-0.36, -0.05, 0.72, 0.1, 0.05), Affine.turn(45, new Point(0, 0)).then(Affine.move(i + 0.5, 0)))
        .put("stitches", Draft.BEET, Forms.box(-0.36, -0.05, 0.72, 0.1, 0.05), Affine.turn(-45, new Point(0, 0)).then(Affine.move(i + 0.5, 0)))));
    all.add(repeated("Sprout border", "border sprout seedling row garden", 12, (d, i) -> d
        .put("soil", Draft.SOIL, Forms.box(i, 0, 1.001, 0.12, 0)).put("stems", Draft.DEEP, Forms.box(i + 0.47, -0.5, 0.06, 0.5, 0))
        .put("leaves", Draft.LEAF, Forms.roundLeaf(0.4), Forms.at(new Point(i + 0.5, -0.42), -35, 0.4))
        .put("leaves", Draft.LEAF, Forms.roundLeaf(0.4), Forms.at(new Point(i + 0.5, -0.42), -145, 0.4))));
    return all;
  }

  private interface Step {
    void draw(Draft draft, int index);
  }

  private static Draft border(String name, String words) {
    return new Draft("borders", name, words, 6);
  }

  private static Draft repeated(String name, String words, int times, Step step) {
    Draft d = border(name, words);
    for (int i = 0; i < times; i++) {
      step.draw(d, i);
    }
    return d;
  }

  private static DoubleFunction<Point> part(DoubleFunction<Point> whole, double from, double to) {
    return t -> whole.apply(from + (to - from) * t);
  }

  static List<Draft> corners() {
    List<Draft> all = new ArrayList<>();
    Draft vine = corner("Vine corner", "corner vine leaf");
    for (Affine side : List.of(Affine.IDENTITY, new Affine(0, 1, 1, 0, 0, 0))) {
      DoubleFunction<Point> c = Forms.cubic(0.1, 0.1, 0.6, -0.1, 1.2, 0.4, 2, 0.1);
      vine.put("vine", Draft.DEEP, Forms.ribbon(c, 0.05, 0.02), side);
      for (int i = 0; i < 6; i++) {
        double t = 0.15 + i * 0.14;
        vine.put("leaves", Draft.LEAF, Forms.leaf(0.5), Forms.at(c.apply(t), Forms.direction(c, t) + (i % 2 == 0 ? 50 : -50), 0.36).then(side));
      }
    }
    all.add(vine);
    all.add(corner("Rule corner", "corner line rule dot").put("rules", Draft.INK, Forms.box(0, 0, 2, 0.07, 0)).put("rules", Draft.INK, Forms.box(0, 0.07, 0.07, 1.93, 0))
        .put("inner rules", Draft.BRASS, Forms.box(0.2, 0.2, 1.6, 0.04, 0)).put("inner rules", Draft.BRASS, Forms.box(0.2, 0.24, 0.04, 1.56, 0)).put("dot", Draft.RUST, Forms.disc(0.45, 0.45, 0.1)));
    Draft fan = corner("Leaf fan corner", "corner fan leaf palm");
    for (int i = 0; i <= 6; i++) {
      fan.put(i % 2 == 0 ? "leaves" : "pale leaves", i % 2 == 0 ? Draft.LEAF : Draft.PALE, Forms.leaf(0.22), Forms.at(new Point(0, 0), 15 * i, i % 2 == 0 ? 2 : 1.6));
    }
    all.add(fan);
    Draft scroll = corner("Scroll corner", "corner scroll curl");
    for (Affine side : List.of(Affine.IDENTITY, new Affine(0, 1, 1, 0, 0, 0))) {
      scroll.put("scroll", Draft.INK, Forms.ribbon(Forms.cubic(0.05, 0.05, 0.8, 0, 1.6, 0, 1.9, 0.3), 0.09, 0.05), side);
      scroll.put("scroll", Draft.INK, Forms.ribbon(Forms.arc(1.62, 0.34, 0.28, -8, 250), 0.05, 0.02), side);
      scroll.put("dots", Draft.BRASS, Forms.disc(1.62, 0.34, 0.07), side);
    }
    all.add(scroll);
    Draft beans = corner("Bean corner", "corner bean seed");
    for (int i = 0; i < 5; i++) {
      beans.put(i % 2 == 0 ? "dark beans" : "light beans", i % 2 == 0 ? Draft.BEET : Draft.GOLD, Forms.oval(0.25 + i * 0.4, 0.2, 0.17, 0.11));
      if (i > 0) {
        beans.put(i % 2 == 0 ? "dark beans" : "light beans", Draft.GOLD, Forms.oval(0.2, 0.2 + i * 0.4, 0.11, 0.17));
      }
    }
    all.add(beans);
    Draft rays = corner("Sun corner", "corner sun rays");
    rays.put("sun", Draft.GOLD, Path.build().start(0, 0).line(0.6, 0).curve(0.6, 0.33, 0.33, 0.6, 0, 0.6).close().path());
    for (int i = 0; i < 7; i++) {
      rays.put("rays", Draft.BRASS, Forms.polygon(0.75, -0.05, i % 2 == 0 ? 1.9 : 1.4, 0, 0.75, 0.05), Affine.turn(15 * i, new Point(0, 0)));
    }
    all.add(rays);
    all.add(corner("Stepped corner", "corner steps blocks deco").put("outer", Draft.INK, Forms.polygon(0, 0, 2, 0, 2, 0.1, 0.5, 0.1, 0.5, 0.3, 0.3, 0.3, 0.3, 0.5, 0.1, 0.5, 0.1, 2, 0, 2))
        .put("inner", Draft.BRASS, Forms.polygon(0.62, 0.22, 1.8, 0.22, 1.8, 0.28, 0.68, 0.28, 0.68, 0.48, 0.48, 0.48, 0.48, 0.68, 0.28, 0.68, 0.28, 1.8, 0.22, 1.8, 0.22, 0.62, 0.42, 0.62, 0.42, 0.42, 0.62, 0.42)));
    Draft arch = corner("Arch corner", "corner arch curve round");
    arch.put("arches", Draft.PLUM, Forms.ribbon(Forms.arc(2, 2, 1.9, 180, 270), 0.08, 0.08)).put("inner arches", Draft.CHALK, Forms.ribbon(Forms.arc(2, 2, 1.65, 180, 270), 0.04, 0.04));
    all.add(arch.put("blossom", Draft.RUST, Forms.star(8, 0.22, 0.12), Affine.move(0.35, 0.35)));
    return all;
  }

  private static Draft corner(String name, String words) {
    return new Draft("corners", name, words, 1.5);
  }

  static List<Draft> dividers() {
    List<Draft> all = new ArrayList<>();
    all.add(tapered("Diamond divider", "divider line diamond", Draft.INK).put("diamond", Draft.BRASS, Forms.polygon(0, -0.16, 0.2, 0, 0, 0.16, -0.2, 0)));
    Draft leafy = tapered("Leaf divider", "divider line leaf", Draft.DEEP);
    for (Affine side : List.of(Affine.IDENTITY, Forms.flip(0))) {
      leafy.put("leaves", Draft.LEAF, Forms.leaf(0.5), Forms.at(new Point(0.05, 0), -30, 0.5).then(side)).put("leaves", Draft.LEAF, Forms.leaf(0.5), Forms.at(new Point(0.05, 0), 30, 0.5).then(side));
    }
    all.add(leafy);
    all.add(tapered("Bean divider", "divider line bean seed", Draft.SOIL).put("bean", Draft.BEET, Forms.oval(0, 0, 0.26, 0.17)).put("glint", Draft.CREAM, Forms.oval(-0.08, -0.06, 0.07, 0.03)));
    Draft wave = divider("Wave divider", "divider wave line");
    for (int i = 0; i < 2; i++) {
      wave.put("wave", Draft.CHALK, Forms.ribbon(part(Forms.wave(6, 0.14, 4), i / 2.0, (i + 1) / 2.0), 0.06, 0.06));
    }
    all.add(wave);
    Draft dots = divider("Dots divider", "divider dots row");
    for (int i = -5; i <= 5; i++) {
      dots.put(i == 0 ? "middle dot" : "dots", i == 0 ? Draft.RUST : Draft.INK, Forms.disc(i * 0.5, 0, 0.13 - Math.abs(i) * 0.02));
    }
    all.add(dots);
    all.add(tapered("Star divider", "divider star line", Draft.INK).put("star", Draft.GOLD, Forms.star(5, 0.26, 0.11)));
    Draft scroll = divider("Scroll divider", "divider scroll curl");
    for (Affine side : List.of(Affine.IDENTITY, Forms.flip(0))) {
      scroll.put("scroll", Draft.PLUM, Forms.ribbon(Forms.cubic(0.1, 0.1, 0.8, -0.5, 1.6, 0.5, 2.6, 0), 0.08, 0.02), side).put("scroll", Draft.PLUM, Forms.ribbon(Forms.arc(0.36, 0.14, 0.22, -60, 190), 0.05, 0.02), side);
    }
    all.add(scroll.put("bead", Draft.BRASS, Forms.disc(0, 0.02, 0.09)));
    Draft twig = divider("Twig divider", "divider twig branch leaf");
    DoubleFunction<Point> t = Forms.cubic(-3, 0.05, -1, -0.2, 1, 0.2, 3, -0.05);
    twig.put("twig", Draft.SOIL, Forms.ribbon(t, 0.06, 0.03));
    for (int i = 0; i < 11; i++) {
      double at = 0.06 + i * 0.088;
      twig.put("leaves", Draft.PALE, Forms.leaf(0.46), Forms.at(t.apply(at), Forms.direction(t, at) + (i % 2 == 0 ? 42 : -42), 0.42));
    }
    all.add(twig);
    all.add(divider("Double rule", "divider double line rule").put("thick rule", Draft.INK, Forms.box(-3, -0.08, 6, 0.08, 0)).put("thin rule", Draft.INK, Forms.box(-3, 0.06, 6, 0.03, 0)));
    Draft sprout = divider("Sprout divider", "divider sprout seedling soil").put("soil", Draft.SOIL, Forms.ribbon(Forms.cubic(-3, 0.1, -1, -0.06, 1, -0.06, 3, 0.1), 0.04, 0.04)).put("stem", Draft.DEEP, Forms.box(-0.03, -0.5, 0.06, 0.5, 0));
    sprout.put("leaves", Draft.LEAF, Forms.roundLeaf(0.4), Forms.at(new Point(0, -0.42), -30, 0.5)).put("leaves", Draft.LEAF, Forms.roundLeaf(0.4), Forms.at(new Point(0, -0.42), -150, 0.5));
    all.add(sprout);
    return all;
  }

  private static Draft divider(String name, String words) {
    return new Draft("dividers", name, words, 3);
  }

  private static Draft tapered(String name, String words, String colour) {
    Draft d = divider(name, words);
    for (Affine side : List.of(Affine.IDENTITY, Forms.flip(0))) {
      d.put("lines", colour, Forms.ribbon(t -> new Point(0.35 + 2.65 * t, 0), 0.07, 0.01), side);
    }
    return d;
  }
}
