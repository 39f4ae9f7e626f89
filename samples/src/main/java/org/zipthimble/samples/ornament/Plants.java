package org.zipthimble.samples.ornament;

import java.util.ArrayList;
import java.util.List;
import java.util.function.DoubleFunction;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Point;

/** Sprigs and seeds. */
final class Plants {
  private Plants() {}

  static List<Draft> sprigs() {
    List<Draft> all = new ArrayList<>();
    all.add(sprig("Bean sprig", "sprig leaf plant bean", 6, 0.08, Forms.heartLeaf(0.55), 52, true, Draft.LEAF, false));
    all.add(sprig("Willow sprig", "sprig leaf branch willow slim", 9, 0.22, Forms.leaf(0.22), 34, true, Draft.PALE, false));
    all.add(sprig("Sage sprig", "sprig leaf herb sage", 7, -0.1, Forms.roundLeaf(0.36), 44, true, Draft.PALE, false));
    all.add(sprig("Berry sprig", "sprig leaf berry fruit red", 5, 0.12, Forms.leaf(0.5), 48, false, Draft.LEAF, true));
    all.add(sprig("Round-leaf sprig", "sprig leaf round coin", 6, -0.16, Forms.roundLeaf(0.62), 60, true, Draft.LEAF, false));
    all.add(sprig("Laurel sprig", "sprig leaf laurel victory", 8, 0.3, Forms.leaf(0.4), 30, true, Draft.DEEP, false));
    all.add(sprig("Alternate sprig", "sprig leaf branch", 8, 0.04, Forms.leaf(0.56), 46, false, Draft.LEAF, false));
    all.add(sprig("Young sprout", "sprig sprout seedling young two leaves", 1, 0.02, Forms.roundLeaf(0.5), 56, true, Draft.PALE, false));
    all.add(sprig("Fern", "sprig fern frond leaf", 14, 0.1, Forms.leaf(0.26), 62, true, Draft.DEEP, false));
    all.add(sprig("Holly-berry branch", "sprig berry winter branch", 6, -0.2, Forms.leaf(0.62), 40, true, Draft.DEEP, true));
    all.add(flower("Daisy", "flower daisy blossom", 12, 0.26, Draft.CREAM, Draft.GOLD));
    all.add(flower("Beet flower", "flower blossom poppy", 6, 0.62, Draft.RUST, Draft.PLUM));
    return all;
  }

  private static Draft sprig(
      String name, String words, int pairs, double lean, Path leaf, double spread, boolean opposite, String colour, boolean berries) {
    Draft d = new Draft("sprigs", name, words, 2);
    DoubleFunction<Point> stem = Forms.cubic(0, 0, 0, -0.4, lean * 0.4, -0.75, lean, -1);
    d.put("stem", Draft.DEEP.equals(colour) ? Draft.SOIL : Draft.DEEP, Forms.ribbon(stem, 0.022, 0.008));
    for (int i = 0; i < pairs; i++) {
      double t = pairs == 1 ? 0.75 : 0.2 + 0.72 * i / pairs;
      double size = pairs == 1 ? 0.4 : (opposite ? Math.min(0.28, (pairs > 8 ? 2.3 : 1.4) / pairs) : 0.3) * (1 - 0.55 * t);
      double up = Forms.direction(stem, t);
      if (opposite || i % 2 == 0) {
        d.put("leaves", colour, leaf, Forms.at(stem.apply(t), up + spread, size));
      }
      if (opposite || i % 2 == 1) {
        d.put("leaves", colour, leaf, Forms.at(stem.apply(t), up - spread, size));
      }
      if (berries) {
        Point on = stem.apply(t + 0.06);
        double side = i % 2 == 0 ? 0.06 : -0.06;
        d.put("berries", Draft.RUST, Forms.disc(on.x() + side, on.y(), 0.032));
      }
    }
    if (pairs > 1) {
      d.put("leaves", colour, leaf, Forms.at(stem.apply(0.97), Forms.direction(stem, 0.97), 0.16));
    }
    return d;
  }

  private static Draft flower(String name, String words, int petals, double width, String petal, String heart) {
    Draft d = new Draft("sprigs", name, words, 1.75);
    DoubleFunction<Point> stem = Forms.cubic(0.05, 1.4, -0.08, 1, 0.06, 0.5, 0, 0);
    d.put("stem", Draft.DEEP, Forms.ribbon(stem, 0.05, 0.03));
    d.put("leaves", Draft.LEAF, Forms.leaf(0.46), Forms.at(stem.apply(0.3), -40, 0.5));
    d.put("leaves", Draft.LEAF, Forms.leaf(0.46), Forms.at(stem.apply(0.45), -145, 0.46));
    for (int i = 0; i < petals; i++) {
      d.put("petals", petal, Forms.roundLeaf(width * 0.8), Forms.at(new Point(0, 0), 360.0 * i / petals, 0.48));
    }
    return d.put("heart", heart, Forms.disc(0, 0, 0.15));
  }

  static List<Draft> seeds() {
    List<Draft> all = new ArrayList<>();
    all.add(seed("Kidney bean", "seed bean", Draft.BEET).put("glint", Draft.CREAM, Forms.ribbon(Forms.cubic(0.2, 0.3, 0.26, 0.16, 0.42, 0.1, 0.58, 0.13), 0.02, 0.05)));
    all.add(new Draft("seeds", "Pea", "seed pea round green", 0.5).put("pea", Draft.PALE, Forms.disc(0, 0, 0.5))
        .put("glint", Draft.CREAM, Forms.oval(-0.16, -0.2, 0.12, 0.08)));
    Draft pod = new Draft("seeds", "Pea pod", "seed pea pod green", 1.5)
        .put("pod", Draft.LEAF, Path.build().start(0, 0.2).curve(0.3, -0.25, 1.3, -0.25, 1.7, 0.1).curve(1.3, 0.62, 0.3, 0.62, 0, 0.2).close().path());
    for (int i = 0; i < 5; i++) {
      pod.put("peas", Draft.PALE, Forms.disc(0.4 + i * 0.22, 0.17, i == 0 || i == 4 ? 0.09 : 0.115));
    }
    all.add(pod.put("stalk", Draft.DEEP, Forms.ribbon(Forms.cubic(1.68, 0.1, 1.75, 0.06, 1.8, 0.02, 1.84, -0.06), 0.03, 0.05)));
    all.add(new Draft("seeds", "Pumpkin seed", "seed pumpkin squash flat", 0.75)
        .put("rim", Draft.GOLD, Path.build().start(0, 0).curve(0.5, -0.05, 0.62, 0.7, 0, 1).curve(-0.62, 0.7, -0.5, -0.05, 0, 0).close().path())
        .put("face", Draft.CREAM, Path.build().start(0, 0.1).curve(0.36, 0.08, 0.44, 0.64, 0, 0.88).curve(-0.44, 0.64, -0.36, 0.08, 0, 0.1).close().path()));
    all.add(new Draft("seeds", "Maize kernel", "seed maize corn grain", 0.6)
        .put("grain", Draft.GOLD, Path.build().start(0, 0).curve(0.55, -0.02, 0.6, 0.5, 0.2, 1).curve(0.1, 1.08, -0.1, 1.08, -0.2, 1).curve(-0.6, 0.5, -0.55, -0.02, 0, 0).close().path())
        .put("germ", Draft.CREAM, Forms.oval(0, 0.68, 0.12, 0.24)));
    Draft sun = new Draft("seeds", "Sunflower seed", "seed sunflower stripes", 0.75)
        .put("husk", Draft.INK, Path.build().start(0, 0).curve(0.42, 0.3, 0.4, 0.9, 0, 1.1).curve(-0.4, 0.9, -0.42, 0.3, 0, 0).close().path());
    for (double x : new double[] {-0.14, 0, 0.14}) {
      sun.put("stripes", Draft.CREAM, Forms.ribbon(Forms.cubic(x * 0.4, 0.2, x * 1.3, 0.5, x * 1.3, 0.75, x * 0.4, 0.98), 0.02, 0.03));
    }
    all.add(sun);
    Draft poppy = new Draft("seeds", "Poppy head", "seed poppy capsule dry", 1.5).put("stem", Draft.DEEP, Forms.ribbon(Forms.cubic(0, 1.6, 0.05, 1.2, -0.04, 0.9, 0, 0.6), 0.06, 0.05))
        .put("capsule", Draft.PALE, Path.build().start(-0.16, 0.62).curve(-0.55, 0.4, -0.4, 0, -0.2, -0.1).line(0.2, -0.1).curve(0.4, 0, 0.55, 0.4, 0.16, 0.62).close().path());
    for (int i = 0; i < 7; i++) {
      poppy.put("crown", Draft.PLUM, Forms.leaf(0.4), Forms.at(new Point(0, -0.1), -180 + 30 * i, 0.3));
    }
    all.add(poppy);
    all.add(new Draft("seeds", "Acorn", "seed acorn oak nut", 0.9)
        .put("nut", Draft.BRASS, Path.build().start(-0.34, 0).curve(-0.36, 0.5, -0.12, 0.72, 0, 0.86).curve(0.12, 0.72, 0.36, 0.5, 0.34, 0).close().path())
        .put("cup", Draft.SOIL, Path.build().start(-0.42, 0.04).curve(-0.42, -0.42, 0.42, -0.42, 0.42, 0.04).curve(0.2, 0.12, -0.2, 0.12, -0.42, 0.04).close().path())
        .put("stalk", Draft.SOIL, Forms.ribbon(Forms.cubic(0, -0.3, 0.02, -0.4, 0.05, -0.45, 0.12, -0.5), 0.07, 0.05)));
    Draft key = new Draft("seeds", "Maple key", "seed maple wing sycamore", 1.4);
    for (Affine side : List.of(Affine.IDENTITY, Forms.flip(0))) {
      key.put("wings", Draft.PALE, Path.build().start(0.06, 0).curve(0.3, -0.3, 0.9, -0.2, 1.1, 0.3).curve(0.8, 0.3, 0.4, 0.3, 0.06, 0).close().path(), side);
      key.put("nuts", Draft.SOIL, Forms.oval(0.1, 0.02, 0.12, 0.09), side);
    }
    all.add(key);
    Draft clock = new Draft("seeds", "Dandelion seed", "seed dandelion wish clock", 1.2)
        .put("seed", Draft.SOIL, Forms.oval(0, 1, 0.035, 0.12)).put("thread", Draft.INK, Forms.ribbon(Forms.cubic(0, 0.9, 0.02, 0.6, -0.02, 0.3, 0, 0), 0.015, 0.015));
    for (int i = 0; i < 9; i++) {
      Point tip = Forms.arc(0, 0, 0.42, -170 + 20 * i, 0).apply(0);
      clock.put("thread", Draft.INK, Forms.ribbon(t -> new Point(tip.x() * t, tip.y() * t), 0.014, 0.01));
      clock.put("tufts", Draft.CHALK, Forms.disc(tip.x(), tip.y(), 0.03));
    }
    all.add(clock);
    all.add(new Draft("seeds", "Chilli", "pod chilli pepper red", 1.4)
        .put("pod", Draft.RUST, Path.build().start(-0.2, 0).curve(-0.3, 0.5, 0.1, 1, 0.7, 1.1).curve(0.3, 0.8, 0.28, 0.4, 0.2, 0).close().path())
        .put("stalk", Draft.DEEP, Path.build().start(-0.24, 0.04).curve(-0.2, -0.16, 0.2, -0.16, 0.24, 0.04).close().path())
        .put("stalk", Draft.DEEP, Forms.ribbon(Forms.cubic(0, -0.08, -0.02, -0.2, 0.02, -0.28, 0.1, -0.34), 0.07, 0.05)));
    all.add(new Draft("seeds", "Garlic", "bulb garlic clove", 1)
        .put("skin", Draft.CREAM, Path.build().start(0, -0.5).curve(0.04, -0.1, 0.5, 0, 0.46, 0.36).curve(0.4, 0.66, -0.4, 0.66, -0.46, 0.36).curve(-0.5, 0, -0.04, -0.1, 0, -0.5).close().path())
        .put("lines", Draft.PLUM, Forms.ribbon(Forms.cubic(0, -0.3, 0.02, 0, 0.02, 0.3, 0, 0.54), 0.012, 0.02))
        .put("lines", Draft.PLUM, Forms.ribbon(Forms.cubic(0.02, -0.2, 0.2, 0, 0.3, 0.24, 0.2, 0.5), 0.012, 0.02))
        .put("lines", Draft.PLUM, Forms.ribbon(Forms.cubic(-0.02, -0.2, -0.2, 0, -0.3, 0.24, -0.2, 0.5), 0.012, 0.02)));
    return all;
  }

  private static Draft seed(String name, String words, String colour) {
    return new Draft("seeds", name, words, 0.6).put("bean", colour, Path.build().start(0.06, 0.46)
        .curve(-0.04, 0.2, 0.16, 0, 0.44, 0.01).curve(0.78, 0.02, 1.02, 0.18, 0.99, 0.46).curve(0.97, 0.68, 0.74, 0.76, 0.64, 0.6)
        .curve(0.57, 0.49, 0.44, 0.47, 0.36, 0.57).curve(0.26, 0.7, 0.11, 0.64, 0.06, 0.46).close().path());
  }
}
