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

  static List<OrnamentDraft> sprigs() {
    List<OrnamentDraft> all = new ArrayList<>();
    all.add(sprig("Bean sprig", "sprig leaf plant bean", 6, 0.08, OrnamentForms.heartLeaf(0.55), 52, true, OrnamentDraft.LEAF, false));
    all.add(sprig("Willow sprig", "sprig leaf branch willow slim", 9, 0.22, OrnamentForms.leaf(0.22), 34, true, OrnamentDraft.PALE, false));
    all.add(sprig("Sage sprig", "sprig leaf herb sage", 7, -0.1, OrnamentForms.roundLeaf(0.36), 44, true, OrnamentDraft.PALE, false));
    all.add(sprig("Berry sprig", "sprig leaf berry fruit red", 5, 0.12, OrnamentForms.leaf(0.5), 48, false, OrnamentDraft.LEAF, true));
    all.add(sprig("Round-leaf sprig", "sprig leaf round coin", 6, -0.16, OrnamentForms.roundLeaf(0.62), 60, true, OrnamentDraft.LEAF,
        false));
    all.add(sprig("Laurel sprig", "sprig leaf laurel victory", 8, 0.3, OrnamentForms.leaf(0.4), 30, true, OrnamentDraft.DEEP, false));
    all.add(sprig("Alternate sprig", "sprig leaf branch", 8, 0.04, OrnamentForms.leaf(0.56), 46, false, OrnamentDraft.LEAF, false));
    all.add(sprig("Young sprout", "sprig sprout seedling young two leaves", 1, 0.02, OrnamentForms.roundLeaf(0.5), 56, true,
        OrnamentDraft.PALE, false));
    all.add(sprig("Fern", "sprig fern frond leaf", 14, 0.1, OrnamentForms.leaf(0.26), 62, true, OrnamentDraft.DEEP, false));
    all.add(sprig("Holly-berry branch", "sprig berry winter branch", 6, -0.2, OrnamentForms.leaf(0.62), 40, true, OrnamentDraft.DEEP,
        true));
    all.add(flower("Daisy", "flower daisy blossom", 12, 0.26, OrnamentDraft.CREAM, OrnamentDraft.GOLD));
    all.add(flower("Beet flower", "flower blossom poppy", 6, 0.62, OrnamentDraft.RUST, OrnamentDraft.PLUM));
    return all;
  }

  private static OrnamentDraft sprig(
      String name, String words, int pairs, double lean, Path leaf, double spread, boolean opposite, String colour, boolean berries) {
    OrnamentDraft d = new OrnamentDraft("sprigs", name, words, 2);
    DoubleFunction<Point> stem = OrnamentForms.cubic(0, 0, 0, -0.4, lean * 0.4, -0.75, lean, -1);
    d.put("stem", OrnamentDraft.DEEP.equals(colour) ? OrnamentDraft.SOIL : OrnamentDraft.DEEP, OrnamentForms.ribbon(stem, 0.022, 0.008));
    for (int i = 0; i < pairs; i++) {
      double t = pairs == 1 ? 0.75 : 0.2 + 0.72 * i / pairs;
      double size = pairs == 1 ? 0.4 : (opposite ? Math.min(0.28, (pairs > 8 ? 2.3 : 1.4) / pairs) : 0.3) * (1 - 0.55 * t);
      double up = OrnamentForms.direction(stem, t);
      if (opposite || i % 2 == 0) {
        d.put("leaves", colour, leaf, OrnamentForms.at(stem.apply(t), up + spread, size));
      }
      if (opposite || i % 2 == 1) {
        d.put("leaves", colour, leaf, OrnamentForms.at(stem.apply(t), up - spread, size));
      }
      if (berries) {
        Point on = stem.apply(t + 0.06);
        double side = i % 2 == 0 ? 0.06 : -0.06;
        d.put("berries", OrnamentDraft.RUST, OrnamentForms.disc(on.x() + side, on.y(), 0.032));
      }
    }
    if (pairs > 1) {
      d.put("leaves", colour, leaf, OrnamentForms.at(stem.apply(0.97), OrnamentForms.direction(stem, 0.97), 0.16));
    }
    return d;
  }

  private static OrnamentDraft flower(String name, String words, int petals, double width, String petal, String heart) {
    OrnamentDraft d = new OrnamentDraft("sprigs", name, words, 1.75);
    DoubleFunction<Point> stem = OrnamentForms.cubic(0.05, 1.4, -0.08, 1, 0.06, 0.5, 0, 0);
    d.put("stem", OrnamentDraft.DEEP, OrnamentForms.ribbon(stem, 0.05, 0.03));
    d.put("leaves", OrnamentDraft.LEAF, OrnamentForms.leaf(0.46), OrnamentForms.at(stem.apply(0.3), -40, 0.5));
    d.put("leaves", OrnamentDraft.LEAF, OrnamentForms.leaf(0.46), OrnamentForms.at(stem.apply(0.45), -145, 0.46));
    for (int i = 0; i < petals; i++) {
      d.put("petals", petal, OrnamentForms.roundLeaf(width * 0.8), OrnamentForms.at(new Point(0, 0), 360.0 * i / petals, 0.48));
    }
    return d.put("heart", heart, OrnamentForms.disc(0, 0, 0.15));
  }

  static List<OrnamentDraft> seeds() {
    List<OrnamentDraft> all = new ArrayList<>();
    all.add(seed("Kidney bean", "seed bean", OrnamentDraft.BEET)
        .put("glint", OrnamentDraft.CREAM, OrnamentForms.ribbon(OrnamentForms.cubic(0.2, 0.3, 0.26, 0.16, 0.42, 0.1, 0.58, 0.13), 0.02,
        0.05)));
    all.add(new OrnamentDraft("seeds", "Pea", "seed pea round green", 0.5).put("pea", OrnamentDraft.PALE, OrnamentForms.disc(0, 0, 0.5))
        .put("glint", OrnamentDraft.CREAM, OrnamentForms.oval(-0.16, -0.2, 0.12, 0.08)));
    OrnamentDraft pod = new OrnamentDraft("seeds", "Pea pod", "seed pea pod green", 1.5)
        .put("pod", OrnamentDraft.LEAF, Path.build().start(0, 0.2).curve(0.3, -0.25, 1.3, -0.25, 1.7, 0.1)
        .curve(1.3, 0.62, 0.3, 0.62, 0, 0.2).close().path());
    for (int i = 0; i < 5; i++) {
      pod.put("peas", OrnamentDraft.PALE, OrnamentForms.disc(0.4 + i * 0.22, 0.17, i == 0 || i == 4 ? 0.09 : 0.115));
    }
    all.add(pod.put("stalk", OrnamentDraft.DEEP,
        OrnamentForms.ribbon(OrnamentForms.cubic(1.68, 0.1, 1.75, 0.06, 1.8, 0.02, 1.84, -0.06), 0.03, 0.05)));
    all.add(new OrnamentDraft("seeds", "Pumpkin seed", "seed pumpkin squash flat", 0.75)
        .put("rim", OrnamentDraft.GOLD, Path.build().start(0, 0).curve(0.5, -0.05, 0.62, 0.7, 0, 1).curve(-0.62, 0.7, -0.5, -0.05, 0, 0)
        .close().path())
        .put("face", OrnamentDraft.CREAM, Path.build().start(0, 0.1).curve(0.36, 0.08, 0.44, 0.64, 0, 0.88)
        .curve(-0.44, 0.64, -0.36, 0.08, 0, 0.1).close().path()));
    all.add(new OrnamentDraft("seeds", "Maize kernel", "seed maize corn grain", 0.6)
        .put("grain", OrnamentDraft.GOLD, Path.build().start(0, 0).curve(0.55, -0.02, 0.6, 0.5, 0.2, 1)
        .curve(0.1, 1.08, -0.1, 1.08, -0.2, 1).curve(-0.6, 0.5, -0.55, -0.02, 0, 0).close().path())
        .put("germ", OrnamentDraft.CREAM, OrnamentForms.oval(0, 0.68, 0.12, 0.24)));
    OrnamentDraft sun = new OrnamentDraft("seeds", "Sunflower seed", "seed sunflower stripes", 0.75)
        .put("husk", OrnamentDraft.INK, Path.build().start(0, 0).curve(0.42, 0.3, 0.4, 0.9, 0, 1.1).curve(-0.4, 0.9, -0.42, 0.3, 0, 0)
        .close().path());
    for (double x : new double[] {-0.14, 0, 0.14}) {
      sun.put("stripes", OrnamentDraft.CREAM,
          OrnamentForms.ribbon(OrnamentForms.cubic(x * 0.4, 0.2, x * 1.3, 0.5, x * 1.3, 0.75, x * 0.4, 0.98), 0.02, 0.03));
    }
    all.add(sun);
    OrnamentDraft poppy = new OrnamentDraft("seeds", "Poppy head", "seed poppy capsule dry", 1.5)
        .put("stem", OrnamentDraft.DEEP, OrnamentForms.ribbon(OrnamentForms.cubic(0, 1.6, 0.05, 1.2, -0.04, 0.9, 0, 0.6), 0.06, 0.05))
        .put("capsule", OrnamentDraft.PALE, Path.build().start(-0.16, 0.62).curve(-0.55, 0.4, -0.4, 0, -0.2, -0.1).line(0.2, -0.1)
        .curve(0.4, 0, 0.55, 0.4, 0.16, 0.62).close().path());
    for (int i = 0; i < 7; i++) {
      poppy.put("crown", OrnamentDraft.PLUM, OrnamentForms.leaf(0.4), OrnamentForms.at(new Point(0, -0.1), -180 + 30 * i, 0.3));
    }
    all.add(poppy);
    all.add(new OrnamentDraft("seeds", "Acorn", "seed acorn oak nut", 0.9)
        .put("nut", OrnamentDraft.BRASS, Path.build().start(-0.34, 0).curve(-0.36, 0.5, -0.12, 0.72, 0, 0.86)
        .curve(0.12, 0.72, 0.36, 0.5, 0.34, 0).close().path())
        .put("cup", OrnamentDraft.SOIL, Path.build().start(-0.42, 0.04).curve(-0.42, -0.42, 0.42, -0.42, 0.42, 0.04)
        .curve(0.2, 0.12, -0.2, 0.12, -0.42, 0.04).close().path())
        .put("stalk", OrnamentDraft.SOIL, OrnamentForms.ribbon(OrnamentForms.cubic(0, -0.3, 0.02, -0.4, 0.05, -0.45, 0.12, -0.5), 0.07,
        0.05)));
    OrnamentDraft key = new OrnamentDraft("seeds", "Maple key", "seed maple wing sycamore", 1.4);
    for (Affine side : List.of(Affine.IDENTITY, OrnamentForms.flip(0))) {
      key.put("wings", OrnamentDraft.PALE, Path.build().start(0.06, 0).curve(0.3, -0.3, 0.9, -0.2, 1.1, 0.3)
          .curve(0.8, 0.3, 0.4, 0.3, 0.06, 0).close().path(), side);
      key.put("nuts", OrnamentDraft.SOIL, OrnamentForms.oval(0.1, 0.02, 0.12, 0.09), side);
    }
    all.add(key);
    OrnamentDraft clock = new OrnamentDraft("seeds", "Dandelion seed", "seed dandelion wish clock", 1.2)
        .put("seed", OrnamentDraft.SOIL, OrnamentForms.oval(0, 1, 0.035, 0.12))
        .put("thread", OrnamentDraft.INK, OrnamentForms.ribbon(OrnamentForms.cubic(0, 0.9, 0.02, 0.6, -0.02, 0.3, 0, 0), 0.015, 0.015));
    for (int i = 0; i < 9; i++) {
      Point tip = OrnamentForms.arc(0, 0, 0.42, -170 + 20 * i, 0).apply(0);
      clock.put("thread", OrnamentDraft.INK, OrnamentForms.ribbon(t -> new Point(tip.x() * t, tip.y() * t), 0.014, 0.01));
      clock.put("tufts", OrnamentDraft.CHALK, OrnamentForms.disc(tip.x(), tip.y(), 0.03));
    }
    all.add(clock);
    all.add(new OrnamentDraft("seeds", "Chilli", "pod chilli pepper red", 1.4)
        .put("pod", OrnamentDraft.RUST, Path.build().start(-0.2, 0).curve(-0.3, 0.5, 0.1, 1, 0.7, 1.1).curve(0.3, 0.8, 0.28, 0.4, 0.2, 0)
        .close().path())
        .put("stalk", OrnamentDraft.DEEP, Path.build().start(-0.24, 0.04).curve(-0.2, -0.16, 0.2, -0.16, 0.24, 0.04).close().path())
        .put("stalk", OrnamentDraft.DEEP, OrnamentForms.ribbon(OrnamentForms.cubic(0, -0.08, -0.02, -0.2, 0.02, -0.28, 0.1, -0.34), 0.07,
        0.05)));
    all.add(new OrnamentDraft("seeds", "Garlic", "bulb garlic clove", 1)
        .put("skin", OrnamentDraft.CREAM, Path.build().start(0, -0.5).curve(0.04, -0.1, 0.5, 0, 0.46, 0.36)
        .curve(0.4, 0.66, -0.4, 0.66, -0.46, 0.36).curve(-0.5, 0, -0.04, -0.1, 0, -0.5).close().path())
        .put("lines", OrnamentDraft.PLUM, OrnamentForms.ribbon(OrnamentForms.cubic(0, -0.3, 0.02, 0, 0.02, 0.3, 0, 0.54), 0.012, 0.02))
        .put("lines", OrnamentDraft.PLUM, OrnamentForms.ribbon(OrnamentForms.cubic(0.02, -0.2, 0.2, 0, 0.3, 0.24, 0.2, 0.5), 0.012, 0.02))
        .put("lines", OrnamentDraft.PLUM, OrnamentForms.ribbon(OrnamentForms.cubic(-0.02, -0.2, -0.2, 0, -0.3, 0.24, -0.2, 0.5), 0.012,
        0.02)));
    return all;
  }

  private static OrnamentDraft seed(String name, String words, String colour) {
    return new OrnamentDraft("seeds", name, words, 0.6).put("bean", colour, Path.build().start(0.06, 0.46)
        .curve(-0.04, 0.2, 0.16, 0, 0.44, 0.01).curve(0.78, 0.02, 1.02, 0.18, 0.99, 0.46).curve(0.97, 0.68, 0.74, 0.76, 0.64, 0.6)
        .curve(0.57, 0.49, 0.44, 0.47, 0.36, 0.57).curve(0.26, 0.7, 0.11, 0.64, 0.06, 0.46).close().path());
  }
}
