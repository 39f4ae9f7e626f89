package org.zipthimble.samples.ornament;

import java.util.ArrayList;
import java.util.List;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Point;

/** Banners, frames, stars, rays and tools. */
final class Signs {
  private static final Point MIDDLE = new Point(0, 0);

  private Signs() {}

  static List<OrnamentDraft> banners() {
    List<OrnamentDraft> all = new ArrayList<>();
    all.add(banner("Plain banner", "banner ribbon straight")
        .put("band", OrnamentDraft.RUST, OrnamentForms.polygon(-3, -0.4, 3, -0.4, 2.7, 0, 3, 0.4, -3, 0.4, -2.7, 0)));
    OrnamentDraft folded = banner("Folded banner", "banner ribbon folded ends");
    for (Affine side : List.of(Affine.IDENTITY, OrnamentForms.flip(0))) {
      folded.put("ends", OrnamentDraft.BEET, OrnamentForms.polygon(2, -0.2, 3.1, -0.2, 2.8, 0.2, 3.1, 0.6, 2, 0.6), side)
          .put("folds", OrnamentDraft.INK, OrnamentForms.polygon(2, 0.4, 2.35, 0.4, 2, 0.6), side);
    }
    all.add(folded.put("band", OrnamentDraft.RUST, OrnamentForms.box(-2.35, -0.4, 4.7, 0.8, 0)));
    all.add(banner("Arched banner", "banner ribbon arch curve")
        .put("band", OrnamentDraft.CHALK, Path.build().start(-2.6, 0.5).curve(-1.2, -0.5, 1.2, -0.5, 2.6, 0.5).line(2.35, 1.25)
        .curve(1.1, 0.4, -1.1, 0.4, -2.35, 1.25).close().path())
        .put("ends", OrnamentDraft.INK, OrnamentForms.polygon(2.45, 0.92, 3.2, 1.3, 2.9, 1.5, 2.95, 1.9, 2.2, 1.4))
        .put("ends", OrnamentDraft.INK, OrnamentForms.polygon(2.45, 0.92, 3.2, 1.3, 2.9, 1.5, 2.95, 1.9, 2.2, 1.4), OrnamentForms.flip(0)));
    all.add(banner("Scroll banner", "banner scroll paper old")
        .put("paper", OrnamentDraft.CREAM, Path.build().start(-2.6, -0.4).curve(-1, -0.6, 1, -0.2, 2.6, -0.4).line(2.6, 0.5)
        .curve(1, 0.7, -1, 0.3, -2.6, 0.5).close().path())
        .put("rolls", OrnamentDraft.BRASS, OrnamentForms.box(-2.85, -0.5, 0.32, 1.1, 0.16))
        .put("rolls", OrnamentDraft.BRASS, OrnamentForms.box(2.53, -0.5, 0.32, 1.1, 0.16)));
    OrnamentDraft pennants = banner("Pennants", "banner bunting flags party garland");
    pennants.put("cord", OrnamentDraft.SOIL, OrnamentForms.ribbon(OrnamentForms.cubic(-3, 0, -1, 0.5, 1, 0.5, 3, 0), 0.05, 0.05));
    for (int i = 0; i < 7; i++) {
      Point p = OrnamentForms.cubic(-3, 0, -1, 0.5, 1, 0.5, 3, 0).apply(0.08 + i * 0.14);
      String part = List.of("red flags", "gold flags", "green flags").get(i % 3);
      pennants.put(part, List.of(OrnamentDraft.RUST, OrnamentDraft.GOLD, OrnamentDraft.LEAF).get(i % 3),
          OrnamentForms.polygon(p.x() - 0.34, p.y(), p.x() + 0.34, p.y(), p.x(), p.y() + 0.8));
    }
    all.add(pennants);
    all.add(banner("Tag ribbon", "banner tag label ribbon hole")
        .put("tag", OrnamentDraft.GOLD, OrnamentForms.holed(OrnamentForms.polygon(-3, 0, -2.5, -0.5, 3, -0.5, 3, 0.5, -2.5, 0.5),
        OrnamentForms.disc(-2.4, 0, 0.14)))
        .put("edge", OrnamentDraft.BRASS, OrnamentForms.box(2.7, -0.5, 0.12, 1, 0)));
    return all;
  }

  private static OrnamentDraft banner(String name, String words) {
    return new OrnamentDraft("banners", name, words, 4);
  }

  static List<OrnamentDraft> frames() {
    List<OrnamentDraft> all = new ArrayList<>();
    all.add(frame("Ring frame", "frame ring circle round").put("ring", OrnamentDraft.INK, OrnamentForms.ring(0, 0, 2, 1.92))
        .put("inner ring", OrnamentDraft.BRASS, OrnamentForms.ring(0, 0, 1.84, 1.81)));
    OrnamentDraft scallop = frame("Scallop frame", "frame scallop circle lace");
    for (int i = 0; i < 24; i++) {
      scallop.put("scallops", OrnamentDraft.CHALK, OrnamentForms.disc(1.86, 0, 0.26), Affine.turn(15 * i, MIDDLE));
    }
    all.add(scallop.put("ground", OrnamentDraft.CREAM, OrnamentForms.disc(0, 0, 1.84)));
    all.add(frame("Double frame", "frame rectangle double line")
        .put("outer", OrnamentDraft.INK, OrnamentForms.holed(
        OrnamentForms.box(-2, -1.4, 4, 2.8, 0.2), OrnamentForms.box(-1.94, -1.34, 3.88, 2.68, 0.16)))
        .put("inner", OrnamentDraft.BRASS,
        OrnamentForms.holed(OrnamentForms.box(-1.82, -1.22, 3.64, 2.44, 0.1), OrnamentForms.box(-1.79, -1.19, 3.58, 2.38, 0.08))));
    OrnamentDraft wreath = frame("Leaf wreath", "frame wreath leaf circle laurel");
    wreath.put("stem", OrnamentDraft.DEEP, OrnamentForms.ring(0, 0, 1.62, 1.58));
    for (int i = 0; i < 36; i++) {
      Point on = OrnamentForms.arc(0, 0, 1.6, i * 10, 0).apply(0);
      wreath.put(i % 3 == 0 ? "pale leaves" : "leaves", i % 3 == 0 ? OrnamentDraft.PALE : OrnamentDraft.LEAF, OrnamentForms.leaf(0.5),
          OrnamentForms.at(on, i * 10 + 90 + (i % 2 == 0 ? 40 : -40), 0.5));
    }
    all.add(wreath);
    OrnamentDraft beans = frame("Bean wreath", "frame wreath bean seed circle");
    for (int i = 0; i < 24; i++) {
      beans.put(List.of("red beans", "gold beans", "plum beans").get(i % 3),
          List.of(OrnamentDraft.RUST, OrnamentDraft.GOLD, OrnamentDraft.PLUM).get(i % 3), OrnamentForms.oval(1.8, 0, 0.13, 0.2),
          Affine.turn(15 * i, MIDDLE));
    }
    all.add(beans);
    Path arch = Path.build().start(-1.4, 2).line(-1.4, 0).curve(-1.4, -1.87, 1.4, -1.87, 1.4, 0).line(1.4, 2).close().path();
    Path hole = Path.build().start(-1.32, 1.92).line(-1.32, 0).curve(-1.32, -1.76, 1.32, -1.76, 1.32, 0).line(1.32, 1.92).close().path();
    all.add(frame("Arch frame", "frame arch window door").put("arch", OrnamentDraft.PLUM, OrnamentForms.holed(arch, hole))
        .put("sill", OrnamentDraft.BRASS, OrnamentForms.box(-1.6, 2, 3.2, 0.12, 0)));
    Path label = OrnamentForms.polygon(-1.7, -1.2, 1.7, -1.2, 2, -0.9, 2, 0.9, 1.7, 1.2, -1.7, 1.2, -2, 0.9, -2, -0.9);
    Path inner = OrnamentForms.polygon(-1.66, -1.1, 1.66, -1.1, 1.9, -0.86, 1.9, 0.86, 1.66, 1.1, -1.66, 1.1, -1.9, 0.86, -1.9, -0.86);
    all.add(frame("Label frame", "frame label cut corners jar").put("frame", OrnamentDraft.BEET, OrnamentForms.holed(label, inner))
        .put("dots", OrnamentDraft.GOLD, OrnamentForms.disc(0, -1.15, 0.08))
        .put("dots", OrnamentDraft.GOLD, OrnamentForms.disc(0, 1.15, 0.08)));
    OrnamentDraft rays = frame("Ray frame", "frame rays sun circle");
    for (int i = 0; i < 40; i++) {
      rays.put(i % 2 == 0 ? "long rays" : "short rays", i % 2 == 0 ? OrnamentDraft.GOLD : OrnamentDraft.RUST,
          OrnamentForms.box(1.4, -0.03, i % 2 == 0 ? 0.6 : 0.34, 0.06, 0.03), Affine.turn(9 * i, MIDDLE));
    }
    all.add(rays.put("ring", OrnamentDraft.BRASS, OrnamentForms.ring(0, 0, 1.34, 1.28)));
    return all;
  }

  private static OrnamentDraft frame(String name, String words) {
    return new OrnamentDraft("frames", name, words, 3);
  }

  static List<OrnamentDraft> stars() {
    List<OrnamentDraft> all = new ArrayList<>();
    all.add(star("Four-point star", "star twinkle four").put("star", OrnamentDraft.GOLD, OrnamentForms.star(4, 1, 0.28)));
    all.add(star("Five-point star", "star five").put("star", OrnamentDraft.GOLD, OrnamentForms.star(5, 1, 0.42)));
    all.add(star("Six-point star", "star six").put("star", OrnamentDraft.CHALK, OrnamentForms.star(6, 1, 0.577)));
    all.add(star("Eight-point star", "star eight").put("back star", OrnamentDraft.RUST, OrnamentForms.star(8, 1, 0.5))
        .put("front star", OrnamentDraft.GOLD, OrnamentForms.star(8, 0.62, 0.3)));
    OrnamentDraft flower = star("Star flower", "star flower petals");
    for (int i = 0; i < 5; i++) {
      flower.put("petals", OrnamentDraft.PLUM, OrnamentForms.leaf(0.6), OrnamentForms.at(MIDDLE, 72 * i - 90, 1));
    }
    all.add(flower.put("heart", OrnamentDraft.GOLD, OrnamentForms.disc(0, 0, 0.18)));
    all.add(star("Twinkles", "star twinkle sparkle night").put("large star", OrnamentDraft.GOLD, OrnamentForms.star(4, 1, 0.16))
        .put("small stars", OrnamentDraft.BRASS, OrnamentForms.star(4, 0.4, 0.08), Affine.move(0.85, -0.75))
        .put("small stars", OrnamentDraft.BRASS, OrnamentForms.star(4, 0.3, 0.06), Affine.move(-0.8, 0.7)));
    OrnamentDraft rose = star("Wind rose", "star compass wind rose north");
    rose.put("ring", OrnamentDraft.INK, OrnamentForms.ring(0, 0, 0.66, 0.62))
        .put("side points", OrnamentDraft.CHALK, OrnamentForms.star(4, 0.7, 0.16), Affine.turn(45, MIDDLE))
        .put("main points", OrnamentDraft.INK, OrnamentForms.star(4, 1, 0.16));
    all.add(rose);
    OrnamentDraft snow = star("Snow star", "star snow flake winter");
    for (int i = 0; i < 6; i++) {
      Affine turn = Affine.turn(60 * i, MIDDLE);
      snow.put("arms", OrnamentDraft.CHALK, OrnamentForms.box(0, -0.035, 1, 0.07, 0.03), turn)
          .put("arms", OrnamentDraft.CHALK, OrnamentForms.box(0, -0.025, 0.32, 0.05, 0.02),
          Affine.turn(45, MIDDLE).then(Affine.move(0.55, 0)).then(turn))
          .put("arms", OrnamentDraft.CHALK, OrnamentForms.box(0, -0.025, 0.32, 0.05, 0.02),
          Affine.turn(-45, MIDDLE).then(Affine.move(0.55, 0)).then(turn))
          .put("tips", OrnamentDraft.INK, OrnamentForms.disc(0.98, 0, 0.07), turn);
    }
    all.add(snow);
    return all;
  }

  private static OrnamentDraft star(String name, String words) {
    return new OrnamentDraft("stars", name, words, 1);
  }

  static List<OrnamentDraft> rays() {
    List<OrnamentDraft> all = new ArrayList<>();
    all.add(rayed("Rising sun", "rays sun rising half morning", 9, -180, 22.5, true)
        .put("disc", OrnamentDraft.GOLD, Path.build().start(-0.42, 0).curve(-0.42, -0.56, 0.42, -0.56, 0.42, 0).close().path()));
    all.add(rayed("Full sun", "rays sun full day summer", 16, 0, 22.5, true)
        .put("disc", OrnamentDraft.GOLD, OrnamentForms.disc(0, 0, 0.42)));
    all.add(rayed("Thin sunburst", "rays sunburst thin lines", 36, 0, 10, false));
    OrnamentDraft fan = new OrnamentDraft("rays", "Ray fan", "rays fan half deco", 2);
    for (int i = 0; i < 9; i++) {
      fan.put(i % 2 == 0 ? "dark rays" : "light rays", i % 2 == 0 ? OrnamentDraft.RUST : OrnamentDraft.GOLD,
          OrnamentForms.polygon(0, 0, 1, -0.175, 1, 0.175), Affine.turn(-170 + 20 * i, MIDDLE));
    }
    all.add(fan);
    OrnamentDraft wheel = new OrnamentDraft("rays", "Ray wheel", "rays wheel circus alternate", 2);
    for (int i = 0; i < 24; i++) {
      wheel.put(i % 2 == 0 ? "dark rays" : "light rays", i % 2 == 0 ? OrnamentDraft.CHALK : OrnamentDraft.CREAM,
          OrnamentForms.polygon(0, 0, 1, -0.1317, 1, 0.1317), Affine.turn(15 * i, MIDDLE));
    }
    all.add(wheel);
    OrnamentDraft broken = new OrnamentDraft("rays", "Broken rays", "rays dashes glow shine", 2);
    for (int i = 0; i < 20; i++) {
      Affine turn = Affine.turn(18 * i, MIDDLE);
      broken.put("inner dashes", OrnamentDraft.BRASS, OrnamentForms.box(0.4, -0.02, 0.22, 0.04, 0.02), turn)
          .put("outer dashes", OrnamentDraft.GOLD, OrnamentForms.box(0.7, -0.02, i % 2 == 0 ? 0.3 : 0.16, 0.04, 0.02), turn);
    }
    all.add(broken);
    return all;
  }

  private static OrnamentDraft rayed(String name, String words, int count, double from, double step, boolean wide) {
    OrnamentDraft d = new OrnamentDraft("rays", name, words, 2);
    double half = wide ? 0.07 : 0.012;
    for (int i = 0; i < count; i++) {
      d.put("rays", OrnamentDraft.BRASS, OrnamentForms.polygon(0.52, -half, i % 2 == 0 ? 1 : 0.82, wide ? 0 : -half, i % 2 == 0 ? 1 : 0.82,
          wide ? 0.001 : half, 0.52, half), Affine.turn(from + step * i, MIDDLE));
    }
    return d;
  }

  static List<OrnamentDraft> tools() {
    List<OrnamentDraft> all = new ArrayList<>();
    all.add(tool("Trowel", "tool trowel garden dig")
        .put("blade", OrnamentDraft.CHALK, Path.build().start(-0.3, 0).curve(-0.34, 0.6, -0.1, 1, 0, 1.15).curve(0.1, 1, 0.34, 0.6, 0.3, 0)
        .close().path())
        .put("neck", OrnamentDraft.INK, OrnamentForms.box(-0.05, -0.4, 0.1, 0.42, 0))
        .put("handle", OrnamentDraft.BRASS, OrnamentForms.box(-0.13, -1.15, 0.26, 0.8, 0.13)));
    all.add(tool("Watering can", "tool watering can water garden")
        .put("can", OrnamentDraft.CHALK, OrnamentForms.polygon(-0.5, -0.4, 0.5, -0.4, 0.6, 0.6, -0.6, 0.6))
        .put("spout", OrnamentDraft.INK, OrnamentForms.polygon(0.54, 0.3, 1.15, -0.45, 1.25, -0.38, 0.58, 0.5))
        .put("rose", OrnamentDraft.BRASS, OrnamentForms.polygon(1.02, -0.5, 1.36, -0.3, 1.3, -0.2, 0.96, -0.4))
        .put("handle", OrnamentDraft.INK, OrnamentForms.ribbon(OrnamentForms.arc(-0.3, -0.1, 0.62, 110, 290), 0.09, 0.09)));
    all.add(tool("Dibber", "tool dibber plant hole wood")
        .put("wood", OrnamentDraft.BRASS, OrnamentForms.polygon(-0.16, -0.6, 0.16, -0.6, 0.12, 0.5, 0, 1, -0.12, 0.5))
        .put("grip", OrnamentDraft.SOIL, OrnamentForms.box(-0.42, -0.9, 0.84, 0.3, 0.15)));
    all.add(tool("Plant pot", "tool pot clay terracotta")
        .put("pot", OrnamentDraft.RUST, OrnamentForms.polygon(-0.62, -0.2, 0.62, -0.2, 0.42, 0.9, -0.42, 0.9))
        .put("rim", OrnamentDraft.BEET, OrnamentForms.box(-0.74, -0.46, 1.48, 0.3, 0.04)));
    all.add(tool("Seed packet", "tool seed packet paper envelope")
        .put("paper", OrnamentDraft.CREAM, OrnamentForms.box(-0.6, -0.85, 1.2, 1.7, 0.05))
        .put("flap", OrnamentDraft.GOLD, OrnamentForms.polygon(-0.6, -0.85, 0.6, -0.85, 0.5, -0.6, -0.5, -0.6))
        .put("stem", OrnamentDraft.DEEP, OrnamentForms.box(-0.02, -0.1, 0.04, 0.6, 0))
        .put("leaves", OrnamentDraft.LEAF, OrnamentForms.roundLeaf(0.4), OrnamentForms.at(new Point(0, 0), -35, 0.4))
        .put("leaves", OrnamentDraft.LEAF, OrnamentForms.roundLeaf(0.4), OrnamentForms.at(new Point(0, 0), -145, 0.4)));
    OrnamentDraft rake = tool("Rake", "tool rake garden soil")
        .put("pole", OrnamentDraft.BRASS, OrnamentForms.box(-0.05, -1.2, 0.1, 2, 0.05))
        .put("head", OrnamentDraft.INK, OrnamentForms.box(-0.6, 0.78, 1.2, 0.12, 0.03));
    for (int i = 0; i < 7; i++) {
      rake.put("head", OrnamentDraft.INK, OrnamentForms.polygon(-0.58 + i * 0.18, 0.88, -0.5 + i * 0.18, 0.88, -0.54 + i * 0.18, 1.2));
    }
    all.add(rake);
    OrnamentDraft fork = tool("Hand fork", "tool fork garden dig")
        .put("handle", OrnamentDraft.BRASS, OrnamentForms.box(-0.12, -1.1, 0.24, 0.8, 0.12))
        .put("fork", OrnamentDraft.INK, OrnamentForms.box(-0.05, -0.34, 0.1, 0.5, 0))
        .put("fork", OrnamentDraft.INK, OrnamentForms.box(-0.36, 0.1, 0.72, 0.1, 0.05));
    for (int i = -1; i <= 1; i++) {
      fork.put("fork", OrnamentDraft.INK, OrnamentForms.polygon(i * 0.3 - 0.05, 0.16, i * 0.3 + 0.05, 0.16, i * 0.3, 1.1));
    }
    all.add(fork);
    OrnamentDraft basket = tool("Basket", "tool basket harvest weave")
        .put("basket", OrnamentDraft.BRASS, OrnamentForms.polygon(-0.9, 0, 0.9, 0, 0.64, 0.8, -0.64, 0.8))
        .put("handle", OrnamentDraft.SOIL, OrnamentForms.ribbon(OrnamentForms.arc(0, 0, 0.8, 180, 360), 0.08, 0.08))
        .put("rim", OrnamentDraft.SOIL, OrnamentForms.box(-0.98, -0.08, 1.96, 0.18, 0.08));
    for (int i = -3; i <= 3; i++) {
      basket.put("weave", OrnamentDraft.SOIL,
          OrnamentForms.polygon(i * 0.24 - 0.02, 0.1, i * 0.24 + 0.02, 0.1, i * 0.18 + 0.02, 0.8, i * 0.18 - 0.02, 0.8));
    }
    all.add(basket);
    return all;
  }

  private static OrnamentDraft tool(String name, String words) {
    return new OrnamentDraft("tools", name, words, 1.5);
  }
}
