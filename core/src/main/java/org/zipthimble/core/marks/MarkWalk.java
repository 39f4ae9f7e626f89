package org.zipthimble.core.marks;

import java.util.ArrayList;
import java.util.Collections;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.font.FontShelf;
import org.zipthimble.core.form.Bowed;
import org.zipthimble.core.form.Forms;
import org.zipthimble.core.form.Scene;
import org.zipthimble.core.form.SceneNode;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Measure;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.item.CutEdge;
import org.zipthimble.core.item.Cutting;
import org.zipthimble.core.item.Effects;
import org.zipthimble.core.item.HoldsObjects;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.ItemGroup;
import org.zipthimble.core.item.ItemPhoto;
import org.zipthimble.core.item.ItemShape;
import org.zipthimble.core.item.ItemVisitor;
import org.zipthimble.core.item.ItemWords;
import org.zipthimble.core.item.Look;
import org.zipthimble.core.item.Placement;
import org.zipthimble.core.item.Role;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.JobFonts;
import org.zipthimble.core.picture.Picture;
import org.zipthimble.core.plan.Lane;
import org.zipthimble.core.thing.Development;
import org.zipthimble.core.type.SetWords;
import org.zipthimble.core.work.Ongoing;

/** Draws what stands in a scene: every screen and every file is drawn from what it emits. */
public final class MarkWalk {
  /** Directions in which art is drawn beneath itself to grow its colour; between two of them it reaches 0.98 as far. */
  private static final int SPREADS = 16;

  /** What a piece without a lane or a colour of its own is seen in. */
  private static final Colour UNKNOWN = new Colour(0xB9, 0xB2, 0xA4);

  private final Job job;
  private final MarkOut out;
  private final FontShelf fonts;
  private final Map<String, Picture> pictures;
  private final Forms forms;

  /** Whether what is only cut is drawn too, in the colour of its lane. */
  private final boolean materials;

  private MarkWalk(Job job, MarkOut out, boolean materials) {
    this.job = job;
    this.out = out;
    this.fonts = new JobFonts(job);
    this.pictures = job.pictures();
    this.forms = new Forms(job);
    this.materials = materials;
  }

  /**
   * Emits all that a face prints, lowest first.
   *
   * @param toPage from the face's inches to the page's
   */
  public static void walk(Job job, Face face, Affine toPage, MarkOut out) {
    new MarkWalk(job, out, false).nodes(Scene.of(face).nodes(), toPage);
  }

  /**
   * Emits all that a face prints, lowest first; what is the very same on another piece is told as stamps.
   *
   * @param like the face as another piece has it
   * @param area how far marks are seen, in the face's inches
   */
  public static void walk(Job job, Face face, Face like, Box area, Affine toPage, MarkOut out) {
    Set<Item> same = Collections.newSetFromMap(new IdentityHashMap<>());
    same.addAll(like.all());
    List<SceneNode> run = new ArrayList<>();
    for (SceneNode node : Scene.of(face).nodes()) {
      if (same.contains(node.item()) && node.clearedBy().stream().allMatch(c -> same.contains(c.item()))) {
        run.add(node);
      } else {
        stamp(job, run, area, toPage, out);
        run.clear();
        new MarkWalk(job, out, false).node(node, toPage);
      }
    }
    stamp(job, run, area, toPage, out);
  }

  /**
   * Walks a face as it leaves, bent where it goes round something tapered; all else as {@link #walk(Job, Face, Face, Box, Affine,
   * MarkOut)}.
   */
  public static void leave(Job job, Face face, Face like, Box area, Affine toPage, MarkOut out) {
    Optional<Development> bend = job.development(face);
    if (bend.isEmpty()) {
      walk(job, face, like, area, toPage, out);
    } else {
      walk(job, face, Affine.IDENTITY, new BendOut(out, bend.get(), toPage));
    }
  }

  private static void stamp(Job job, List<SceneNode> nodes, Box area, Affine toPage, MarkOut out) {
    List<SceneNode> run = List.copyOf(nodes);
    List<Item> of = new ArrayList<>();
    run.forEach(n -> {
      of.add(n.item());
      n.clearedBy().forEach(c -> of.add(c.item()));
    });
    if (!run.isEmpty()) {
      out.stamp(new Stamp(of, area, (map, to) -> new MarkWalk(job, to, false).nodes(run, map)), toPage);
    }
  }

  /** The same with what is only cut, each piece in the colour of its lane, as it will be seen once it is made. */
  public static void made(Job job, Face face, Affine toPage, MarkOut out) {
    new MarkWalk(job, out, true).nodes(Scene.of(face).nodes(), toPage);
  }

  private void nodes(List<SceneNode> nodes, Affine toPage) {
    nodes.forEach(n -> node(n, toPage));
  }

  private boolean drawn(SceneNode node) {
    return node.printed() || materials && node.cut().isPresent() || node.children().stream().anyMatch(this::drawn);
  }

  private void node(SceneNode node, Affine toPage) {
    Ongoing.check();
    if (!drawn(node)) {
      return;
    }
    double opacity = node.printed() ? node.item().properties().opacity() : 1;
    if (!node.item().properties().effects().equals(Effects.NONE)) {
      MarkTape tape = new MarkTape();
      new MarkWalk(job, tape, materials).spread(node, toPage);
      MarkBounds reach = new MarkBounds();
      tape.play(reach);
      reach.all()
          .ifPresent(area -> out.art(Art.of(node.item().properties().effects(), opacity, node.ground().then(toPage), tape::play, area)));
    } else if (opacity < 1) {
      try (MarkOut.Scope scope = out.opacity(opacity)) {
        spread(node, toPage);
      }
    } else {
      spread(node, toPage);
    }
  }

  /** Grows the colour of what is printed and cut past its cut line, then draws it. */
  private void spread(SceneNode node, Affine toPage) {
    Cutting cut = node.item().properties().cutting();
    double reach = cut.spread() + (cut.edge() == CutEdge.TRIM ? 0 : Math.max(0, cut.distance()));
    if (node.item().properties().role() == Role.PRINTS_AND_CUTS && cut.spread() > 0) {
      Affine back = node.ground().inverse();
      for (int i = 0; i < SPREADS; i++) {
        double angle = 2 * Math.PI * i / SPREADS;
        draw(node, back.then(Affine.move(reach * Math.cos(angle), reach * Math.sin(angle))).then(node.ground()).then(toPage));
      }
    }
    draw(node, toPage);
  }

  private void draw(SceneNode node, Affine toPage) {
    Drawer drawer = new Drawer(node, toPage);
    if (node.holdsOnly()) {
      node.item().accept(drawer);
      return;
    }
    Box around = node.ground().then(toPage).apply(node.item().placement().around());
    List<Path> near = node.clearedBy().stream().map(c -> forms.clearing(c).mapped(toPage))
        .filter(c -> Measure.bounds(c).filter(b -> meets(b, around)).isPresent()).toList();
    if (near.isEmpty()) {
      node.item().accept(drawer);
      return;
    }
    try (MarkOut.Scope scope = out.clip(Clearing.outside(node.item(), around, near))) {
      node.item().accept(drawer);
    }
  }

  private static boolean meets(Box a, Box b) {
    return a.x() < b.right() && a.right() > b.x() && a.y() < b.bottom() && a.bottom() > b.y();
  }

  private final class Drawer implements ItemVisitor<Optional<Void>> {
    private final SceneNode node;
    private final Affine toPage;
    private final Affine ground;
    private final ShapeMarks shapes;

    Drawer(SceneNode node, Affine toPage) {
      this.node = node;
      this.toPage = toPage;
      this.ground = node.ground().then(toPage);
      this.shapes = new ShapeMarks(out, tile -> nodes(node.parts(), inTile(tile)));
    }

    /** From the face, in which a pattern's art stands in its first tile, to the page with it in another one. */
    private Affine inTile(Affine tile) {
      Affine box = node.toFace();
      return box.inverse().then(tile).then(box).then(toPage);
    }

    /** The colour in which an object that is only cut is seen: that of its lane, else its own. */
    private Colour material(Optional<Colour> own) {
      return node.cut().flatMap(c -> job.cutting().lane(c.lane())).map(Lane::colour).or(() -> own).orElse(UNKNOWN);
    }

    /** Whether what is only cut comes out as a piece of its own, so that it is seen filled. */
    private boolean piece() {
      return node.cut().map(c -> c.kind().parts()).orElse(false);
    }

    @Override
    public Optional<Void> words(ItemWords words) {
      if (node.onlyCut() && !piece()) {
        return Optional.empty();
      }
      Placement p = words.placement();
      Affine map = p.toGround().then(ground);
      SetWords set = words.set(fonts);
      if (node.onlyCut()) {
        Colour colour = material(Optional.of(words.style().colour()));
        set.placed().forEach(w -> out.words(w.piece().run(), w.toBlock().then(map), colour));
        return Optional.empty();
      }
      WordMarks marks = new WordMarks(out, shapes);
      words.panel().ifPresent(panel -> marks.panel(panel, p, ground));
      if (words.fillStyle().isPresent()) {
        Path outline = set.outline();
        Measure.bounds(outline)
            .ifPresent(box -> shapes.cover(words.fillStyle().get(), outline.mapped(map), box, map, Optional.of(words.style().colour())));
        marks.told(set, map);
      } else {
        marks.letters(set, map);
      }
      return Optional.empty();
    }

    @Override
    public Optional<Void> shape(ItemShape shape) {
      if (!node.onlyCut()) {
        shapes.draw(shape, ground);
      } else if (piece() && !shape.outline().open()) {
        out.fill(ShapeMarks.path(shape, ground), material(shape.fill()));
      }
      return Optional.empty();
    }

    @Override
    public Optional<Void> photo(ItemPhoto photo) {
      if (node.onlyCut()) {
        out.fill(forms.outline(photo, photo.properties().cutting().threshold()).mapped(ground), material(Optional.empty()));
      } else {
        photo.shown(pictures).ifPresent(s -> out.picture(s.picture(), s.toBox().then(photo.placement().toGround()).then(ground)));
      }
      return Optional.empty();
    }

    @Override
    public Optional<Void> group(ItemGroup group) {
      if (group.effect().bent().isPresent() && !node.onlyCut()) {
        bent(group);
      } else if (!node.holdsOnly()) {
        live(group, forms.made(group).mapped(ground));
      }
      nodes(node.children(), toPage);
      return Optional.empty();
    }

    /** The members as they are, by way of the bend. */
    private void bent(HoldsObjects group) {
      Affine inner = group.innerToGround();
      new MarkWalk(job, new BendOut(out, Bowed.of(group), inner.then(ground)), materials)
          .nodes(node.parts(), inner.then(node.ground()).inverse());
    }

    /** What a live group makes: its fill, its picture within the outline, its line on top. */
    private void live(HoldsObjects group, Path path) {
      if (node.onlyCut()) {
        if (piece()) {
          out.fill(path, material(group.look().flatMap(Look::fill)));
        }
        return;
      }
      Look look = group.look().orElse(Look.NONE);
      shapes.dress(path, look.fill(), Optional.empty(), ground.meanScale());
      group.shown(pictures).ifPresent(s -> {
        try (MarkOut.Scope scope = out.clip(path)) {
          out.picture(s.picture(), s.toBox().then(group.placement().toGround()).then(ground));
        }
      });
      shapes.dress(path, Optional.empty(), look.line(), ground.meanScale());
    }
  }
}
