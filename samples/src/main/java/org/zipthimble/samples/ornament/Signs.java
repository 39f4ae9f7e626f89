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

  static List<Draft> banners() {
    List<Draft> all = new ArrayList<>();
    all.add(banner("Plain banner", "banner ribbon straight").put("band", Draft.RUST, Forms.polygon(-3, -0.4, 3, -0.4, 2.7, 0, 3, 0.4, -3, 0.4, -2.7, 0)));
    Draft folded = banner("Folded banner", "banner ribbon folded ends");
    for (Affine side : List.of(Affine.IDENTITY, Forms.flip(0))) {
      folded.put("ends", Draft.BEET, Forms.polygon(2, -0.2, 3.1, -0.2, 2.8, 0.2, 3.1, 0.6, 2, 0.6), side).put("folds", Draft.INK, Forms.polygon(2, 0.4, 2.35, 0.4, 2, 0.6), side);
    }
    all.add(folded.put("band", Draft.RUST, Forms.box(-2.35, -0.4, 4.7, 0.8, 0)));
    all.add(banner("Arched banner", "banner ribbon arch curve").put("band", Draft.CHALK, Path.build().start(-2.6, 0.5).curve(-1.2, -0.5, 1.2, -0.5, 2.6, 0.5).line(2.35, 1.25).curve(1.1, 0.4, -1.1, 0.4, -2.35, 1.25).close().path())
        .put("ends", Draft.INK, Forms.polygon(2.45, 0.92, 3.2, 1.3, 2.9, 1.5, 2.95, 1.9, 2.2, 1.4)).put("ends", Draft.INK, Forms.polygon(2.45, 0.92, 3.2, 1.3, 2.9, 1.5, 2.95, 1.9, 2.2, 1.4), Forms.flip(0)));
    all.add(banner("Scroll banner", "banner scroll paper old").put("paper", Draft.CREAM, Path.build().start(-2.6, -0.4).curve(-1, -0.6, 1, -0.2, 2.6, -0.4).line(2.6, 0.5).curve(1, 0.7, -1, 0.3, -2.6, 0.5).close().path())
        .put("rolls", Draft.BRASS, Forms.box(-2.85, -0.5, 0.32, 1.1, 0.16)).put("rolls", Draft.BRASS, Forms.box(2.53, -0.5, 0.32, 1.1, 0.16)));
    Draft pennants = banner("Pennants", "banner bunting flags party garland");
    pennants.put("cord", Draft.SOIL, Forms.ribbon(Forms.cubic(-3, 0, -1, 0.5, 1, 0.5, 3, 0), 0.05, 0.05));
    for (int i = 0; i < 7; i++) {
      Point p = Forms.cubic(-3, 0, -1, 0.5, 1, 0.5, 3, 0).apply(0.08 + i * 0.14);
      String part = List.of("red flags", "gold flags", "green flags").get(i % 3);
      pennants.put(part, List.of(Draft.RUST, Draft.GOLD, Draft.LEAF).get(i % 3), Forms.polygon(p.x() - 0.34, p.y(), p.x() + 0.34, p.y(), p.x(), p.y() + 0.8));
    }
    all.add(pennants);
    all.add(banner("Tag ribbon", "banner tag label ribbon hole").put("tag", Draft.GOLD, Forms.holed(Forms.polygon(-3, 0, -2.5, -0.5, 3, -0.5, 3, 0.5, -2.5, 0.5), Forms.disc(-2.4, 0, 0.14)))
        .put("edge", Draft.BRASS, Forms.box(2.7, -0.5, 0.12, 1, 0)));
    return all;
  }

  private static Draft banner(String name, String words) {
    return new Draft("banners", name, words, 4);
  }

  static List<Draft> frames() {
    List<Draft> all = new ArrayList<>();
    all.add(frame("Ring frame", "frame ring circle round").put("ring", Draft.INK, Forms.ring(0, 0, 2, 1.92)).put("inner ring", Draft.BRASS, Forms.ring(0, 0, 1.84, 1.81)));
    Draft scallop = frame("Scallop frame", "frame scallop circle lace");
    for (int i = 0; i < 24; i++) {
      scallop.put("scallops", Draft.CHALK, Forms.disc(1.86, 0, 0.26), Affine.turn(15 * i, MIDDLE));
    }
    all.add(scallop.put("ground", Draft.CREAM, Forms.disc(0, 0, 1.84)));
    all.add(frame("Double frame", "frame rectangle double line").put("outer", Draft.INK, Forms.holed(Forms.box(-2, -1.4, 4, 2.8, 0.2), Forms.box(-1.94, -1.34, 3.88, 2.68, 0.16)))
        .put("inner", Draft.BRASS, Forms.holed(Forms.box(-1.82, -1.22, 3.64, 2.44, 0.1), Forms.box(-1.79, -1.19, 3.58, 2.38, 0.08))));
    Draft wreath = frame("Leaf wreath", "frame wreath leaf circle laurel");
    wreath.put("stem", Draft.DEEP, Forms.ring(0, 0, 1.62, 1.58));
    for (int i = 0; i < 36; i++) {
      Point on = Forms.arc(0, 0, 1.6, i * 10, 0).apply(0);
      wreath.put(i % 3 == 0 ? "pale leaves" : "leaves", i % 3 == 0 ? Draft.PALE : Draft.LEAF, Forms.leaf(0.5), Forms.at(on, i * 10 + 90 + (i % 2 == 0 ? 40 : -40), 0.5));
    }
    all.add(wreath);
    Draft beans = frame("Bean wreath", "frame wreath bean seed circle");
    for (int i = 0; i < 24; i++) {
      beans.put(List.of("red beans", "gold beans", "plum beans").get(i % 3), List.of(Draft.RUST, Draft.GOLD, Draft.PLUM).get(i % 3), Forms.oval(1.8, 0, 0.13, 0.2), Affine.turn(15 * i, MIDDLE));
    }
    all.add(beans);
    Path arch = Path.build().start(-1.4, 2).line(-1.4, 0).curve(-1.4, -1.87, 1.4, -1.87, 1.4, 0).line(1.4, 2).close().path();
    Path hole = Path.build().start(-1.32, 1.92).line(-1.32, 0).curve(-1.32, -1.76, 1.32, -1.76, 1.32, 0).line(1.32, 1.92).close().path();
    all.add(frame("Arch frame", "frame arch window door").put("arch", Draft.PLUM, Forms.holed(arch, hole)).put("sill", Draft.BRASS, Forms.box(-1.6, 2, 3.2, 0.12, 0)));
    Path label = Forms.polygon(-1.7, -1.2, 1.7, -1.2, 2, -0.9, 2, 0.9, 1.7, 1.2, -1.7, 1.2, -2, 0.9, -2, -0.9);
    Path inner = Forms.polygon(-1.66, -1.1, 1.66, -1.1, 1.9, -0.86, 1.9, 0.86, 1.66, 1.1, -1.66, 1.1, -1.9, 0.86, -1.9, -0.86);
    all.add(frame("Label frame", "frame label cut corners jar").put("frame", Draft.BEET, Forms.holed(label, inner)).put("dots", Draft.GOLD, Forms.disc(0, -1.15, 0.08)).put("dots", Draft.GOLD, Forms.disc(0, 1.15, 0.08)));
    Draft rays = frame("Ray frame", "frame rays sun circle");
    for (int i = 0; i < 40; i++) {
      rays.put(i % 2 == 0 ? "long rays" : "short rays", i % 2 == 0 ? Draft.GOLD : Draft.RUST, Forms.box(1.4, -0.03, i % 2 == 0 ? 0.6 : 0.34, 0.06, 0.03), Affine.turn(9 * i, MIDDLE));
    }
    all.add(rays.put("ring", Draft.BRASS, Forms.ring(0, 0, 1.34, 1.28)));
    return all;
  }

  private static Draft frame(String name, String words) {
    return new Draft("frames", name, words, 3);
  }

  static List<Draft> stars() {
    List<Draft> all = new ArrayList<>();
    all.add(star("Four-point star", "star twinkle four").put("star", Draft.GOLD, Forms.star(4, 1, 0.28)));
    all.add(star("Five-point star", "star five").put("star", Draft.GOLD, Forms.star(5, 1, 0.42)));
    all.add(star("Six-point star", "star six").put("star", Draft.CHALK, Forms.star(6, 1, 0.577)));
    all.add(star("Eight-point star", "star eight").put("back star", Draft.RUST, Forms.star(8, 1, 0.5)).put("front star", Draft.GOLD, Forms.star(8, 0.62, 0.3)));
    Draft flower = star("Star flower", "star flower petals");
    for (int i = 0; i < 5; i++) {
      flower.put("petals", Draft.PLUM, Forms.leaf(0.6), Forms.at(MIDDLE, 72 * i - 90, 1));
    }
    all.add(flower.put("heart", Draft.GOLD, Forms.disc(0, 0, 0.18)));
    all.add(star("Twinkles", "star twinkle sparkle night").put("large star", Draft.GOLD, Forms.star(4, 1, 0.16)).put("small stars", Draft.BRASS, Forms.star(4, 0.4, 0.08), Affine.move(0.85, -0.75)).put("small stars", Draft.BRASS, Forms.star(4, 0.3, 0.06), Affine.move(-0.8, 0.7)));
    Draft rose = star("Wind rose", "star compass wind rose north");
    rose.put("ring", Draft.INK, Forms.ring(0, 0, 0.66, 0.62)).put("side points", Draft.CHALK, Forms.star(4, 0.7, 0.16), Affine.turn(45, MIDDLE)).put("main points", Draft.INK, Forms.star(4, 1, 0.16));
    all.add(rose);
    Draft snow = star("Snow star", "star snow flake winter");
    for (int i = 0; i < 6; i++) {
      Affine turn = Affine.turn(60 * i, MIDDLE);
      snow.put("arms", Draft.CHALK, Forms.box(0, -0.035, 1, 0.07, 0.03), turn).put("arms", Draft.CHALK, Forms.box(0, -0.025, 0.32, 0.05, 0.02), Affine.turn(45, MIDDLE).then(Affine.move(0.55, 0)).then(turn))
          .put("arms", Draft.CHALK, Forms.box(0, -0.025, 0.32, 0.05, 0.02), Affine.turn(-45, MIDDLE).then(Affine.move(0.55, 0)).then(turn)).put("tips", Draft.INK, Forms.disc(0.98, 0, 0.07), turn);
    }
    all.add(snow);
    return all;
  }

  private static Draft star(String name, String words) {
    return new Draft("stars", name, words, 1);
  }

  static List<Draft> rays() {
    List<Draft> all = new ArrayList<>();
    all.add(rayed("Rising sun", "rays sun rising half morning", 9, -180, 22.5, true).put("disc", Draft.GOLD, Path.build().start(-0.42, 0).curve(-0.42, -0.56, 0.42, -0.56, 0.42, 0).close().path()));
    all.add(rayed("Full sun", "rays sun full day summer", 16, 0, 22.5, true).put("disc", Draft.GOLD, Forms.disc(0, 0, 0.42)));
    all.add(rayed("Thin sunburst", "rays sunburst thin lines", 36, 0, 10, false));
    Draft fan = new Draft("rays", "Ray fan", "rays fan half deco", 2);
    for (int i = 0; i < 9; i++) {
      fan.put(i % 2 == 0 ? "dark rays" : "light rays", i % 2 == 0 ? Draft.RUST : Draft.GOLD, Forms.polygon(0, 0, 1, -0.175, 1, 0.175), Affine.turn(-170 + 20 * i, MIDDLE));
    }
    all.add(fan);
    Draft wheel = new Draft("rays", "Ray wheel", "rays wheel circus alternate", 2);
    for (int i = 0; i < 24; i++) {
      wheel.put(i % 2 == 0 ? "dark rays" : "light rays", i % 2 == 0 ? Draft.CHALK : Draft.CREAM, Forms.polygon(0, 0, 1, -0.1317, 1, 0.1317), Affine.turn(15 * i, MIDDLE));
    }
    all.add(wheel);
    Draft broken = new Draft("rays", "Broken rays", "rays dashes glow shine", 2);
    for (int i = 0; i < 20; i++) {
      Affine turn = Affine.turn(18 * i, MIDDLE);
      broken.put("inner dashes", Draft.BRASS, Forms.box(0.4, -0.02, 0.22, 0.04, 0.02), turn).put("outer dashes", Draft.GOLD, Forms.box(0.7, -0.02, i % 2 == 0 ? 0.3 : 0.16, 0.04, 0.02), turn);
    }
    all.add(broken);
    return all;
  }

  private static Draft rayed(String name, String words, int count, double from, double step, boolean wide) {
    Draft d = new Draft("rays", name, words, 2);
    double half = wide ? 0.07 : 0.012;
    for (int i = 0; i < count; i++) {
      d.put("rays", Draft.BRASS, Forms.polygon(0.52, -half, i % 2 == 0 ? 1 : 0.82, wide ? 0 : -half, i % 2 == 0 ? 1 : 0.82, wide ? 0.001 : half, 0.52, half), Affine.turn(from + step * i, MIDDLE));
    }
    return d;
  }

  static List<Draft> tools() {
    List<Draft> all = new ArrayList<>();
    all.add(tool("Trowel", "tool trowel garden dig").put("blade", Draft.CHALK, Path.build().start(-0.3, 0).curve(-0.34, 0.6, -0.1, 1, 0, 1.15).curve(0.1, 1, 0.34, 0.6, 0.3, 0).close().path())
        .put("neck", Draft.INK, Forms.box(-0.05, -0.4, 0.1, 0.42, 0)).put("handle", Draft.BRASS, Forms.box(-0.13, -1.15, 0.26, 0.8, 0.13)));
    all.add(tool("Watering can", "tool watering can water garden").put("can", Draft.CHALK, Forms.polygon(-0.5, -0.4, 0.5, -0.4, 0.6, 0.6, -0.6, 0.6)).put("spout", Draft.INK, Forms.polygon(0.54, 0.3, 1.15, -0.45, 1.25, -0.38, 0.58, 0.5))
        .put("rose", Draft.BRASS, Forms.polygon(1.02, -0.5, 1.36, -0.3, 1.3, -0.2, 0.96, -0.4)).put("handle", Draft.INK, Forms.ribbon(Forms.arc(-0.3, -0.1, 0.62, 110, 290), 0.09, 0.09)));
    all.add(tool("Dibber", "tool dibber plant hole wood").put("wood", Draft.BRASS, Forms.polygon(-0.16, -0.6, 0.16, -0.6, 0.12, 0.5, 0, 1, -0.12, 0.5)).put("grip", Draft.SOIL, Forms.box(-0.42, -0.9, 0.84, 0.3, 0.15)));
    all.add(tool("Plant pot", "tool pot clay terracotta").put("pot", Draft.RUST, Forms.polygon(-0.62, -0.2, 0.62, -0.2, 0.42, 0.9, -0.42, 0.9)).put("rim", Draft.BEET, Forms.box(-0.74, -0.46, 1.48, 0.3, 0.04)));
    all.add(tool("Seed packet", "tool seed packet paper envelope").put("paper", Draft.CREAM, Forms.box(-0.6, -0.85, 1.2, 1.7, 0.05)).put("flap", Draft.GOLD, Forms.polygon(-0.6, -0.85, 0.6, -0.85, 0.5, -0.6, -0.5, -0.6))
        .put("stem", Draft.DEEP, Forms.box(-0.02, -0.1, 0.04, 0.6, 0)).put("leaves", Draft.LEAF, Forms.roundLeaf(0.4), Forms.at(new Point(0, 0), -35, 0.4)).put("leaves", Draft.LEAF, Forms.roundLeaf(0.4), Forms.at(new Point(0, 0), -145, 0.4)));
    Draft rake = tool("Rake", "tool rake garden soil").put("pole", Draft.BRASS, Forms.box(-0.05, -1.2, 0.1, 2, 0.05)).put("head", Draft.INK, Forms.box(-0.6, 0.78, 1.2, 0.12, 0.03));
    for (int i = 0; i < 7; i++) {
      rake.put("head", Draft.INK, Forms.polygon(-0.58 + i * 0.18, 0.88, -0.5 + i * 0.18, 0.88, -0.54 + i * 0.18, 1.2));
    }
    all.add(rake);
    Draft fork = tool("Hand fork", "tool fork garden dig").put("handle", Draft.BRASS, Forms.box(-0.12, -1.1, 0.24, 0.8, 0.12)).put("fork", Draft.INK, Forms.box(-0.05, -0.34, 0.1, 0.5, 0)).put("fork", Draft.INK, Forms.box(-0.36, 0.1, 0.72, 0.1, 0.05));
    for (int i = -1; i <= 1; i++) {
      fork.put("fork", Draft.INK, Forms.polygon(i * 0.3 - 0.05, 0.16, i * 0.3 + 0.05, 0.16, i * 0.3, 1.1));
    }
    all.add(fork);
    Draft basket = tool("Basket", "tool basket harvest weave").put("basket", Draft.BRASS, Forms.polygon(-0.9, 0, 0.9, 0, 0.64, 0.8, -0.64, 0.8)).put("handle", Draft.SOIL, Forms.ribbon(Forms.arc(0, 0, 0.8, 180, 360), 0.08, 0.08)).put("rim", Draft.SOIL, Forms.box(-0.98, -0.08, 1.96, 0.18, 0.08));
    for (int i = -3; i <= 3; i++) {
      basket.put("weave", Draft.SOIL, Forms.polygon(i * 0.24 - 0.02, 0.1, i * 0.24 + 0.02, 0.1, i * 0.18 + 0.02, 0.8, i * 0.18 - 0.02, 0.8));
    }
    all.add(basket);
    return all;
  }

  private static Draft tool(String name, String words) {
    return new Draft("tools", name, words, 1.5);
  }
}
