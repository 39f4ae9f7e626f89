package org.zipthimble.core.edit;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.zipthimble.core.font.Glyph;
import org.zipthimble.core.form.Drawings;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.item.HoldsWords;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.ItemProperties;
import org.zipthimble.core.job.JobFonts;
import org.zipthimble.core.type.LetterLook;
import org.zipthimble.core.type.SetWords;
import org.zipthimble.core.wording.Wording;

/** Takes words apart into shapes that stand where the letters stood: one for each letter, word or line. */
public final class WordsApart {
  /** Into what words are taken apart. */
  public enum Into {
    /** Each letter, with its marks. */
    LETTERS,
    /** Each word. */
    WORDS,
    /** Each line. */
    LINES
  }

  private WordsApart() {}

  /** Shapes in place of words, in the order of reading; other objects stay. */
  public static Edit apart(String faceId, Set<String> ids, Into into) {
    return new Edit(Wording.text("edit.wordsApart"), job -> {
      JobFonts fonts = new JobFonts(job);
      Copies.Fresh fresh = new Copies.Fresh(job);
      return job.changed(faceId, face -> {
        var now = face;
        for (String id : ids) {
          Optional<HoldsWords> words = now.find(id).flatMap(Item::words);
          if (words.isPresent()) {
            List<Item> shapes = shapes(words.get(), fonts, into).stream().map(fresh::of).toList();
            now = shapes.isEmpty() ? now : now.changedBeside(id, items -> {
              List<Item> out = new ArrayList<>();
              items.forEach(i -> out.addAll(i.id().equals(id) ? shapes : List.of(i)));
              return out;
            });
          }
        }
        return now;
      });
    });
  }

  /** A part by the number of its line, word and letter, and the look of its beginning. */
  private record Part(StringBuilder text, List<Path> outlines, LetterLook look) {}

  private static List<Item> shapes(HoldsWords words, JobFonts fonts, Into into) {
    Affine ground = words.placement().toGround();
    Map<String, Part> parts = new LinkedHashMap<>();
    int line = 0;
    int word = 0;
    int letter = 0;
    for (SetWords.Line set : words.set(fonts).lines()) {
      line++;
      word++;
      for (var piece : set.pieces()) {
        int cluster = -1;
        for (Glyph g : piece.run().glyphs()) {
          boolean blank = g.text().isBlank() && !g.text().isEmpty();
          word += blank ? 1 : 0;
          letter += g.cluster() != cluster ? 1 : 0;
          cluster = g.cluster();
          Path outline = piece.run().face().outline(g.id());
          if (!outline.segments().isEmpty()) {
            Affine map = Affine.scale(piece.run().em(), piece.run().em()).then(Affine.move(g.x(), g.y())).then(piece.map())
                .then(set.toBlock()).then(ground);
            String key = switch (into) {
              case LETTERS -> line + "/" + letter;
              case WORDS -> line + "/" + word;
              case LINES -> String.valueOf(line);
            };
            Part part = parts.computeIfAbsent(key, k -> new Part(new StringBuilder(), new ArrayList<>(), piece.look()));
            part.text().append(g.text());
            part.outlines().add(outline.mapped(map));
          }
        }
        letter++;
      }
    }
    return parts.values().stream().map(p -> shape(words, p)).toList();
  }

  private static Item shape(HoldsWords words, Part part) {
    Path all = part.outlines().stream().reduce(Path.EMPTY, Path::plus);
    String name = part.text().length() == 0 ? words.properties().name() : part.text().toString();
    ItemProperties properties = words.properties().withName(name);
    return Drawings.shape(properties, all, Optional.of(part.look().colour()), Optional.empty()).covered(words.fillStyle());
  }
}
