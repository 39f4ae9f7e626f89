package org.zipthimble.core.importer;

import java.util.List;
import java.util.Optional;
import org.zipthimble.core.bring.ImportedDrawing;
import org.zipthimble.core.bring.TableIn;
import org.zipthimble.core.bring.WordsIn;
import org.zipthimble.core.job.CarriedFont;
import org.zipthimble.core.job.Swatch;
import org.zipthimble.core.picture.Picture;

/** What a file brought. */
public sealed interface Brought {
  /** Calls the one that fits. */
  void accept(Visitor visitor);

  /** The shapes it brought. */
  default Optional<ImportedDrawing> shapes() {
    return Optional.empty();
  }

  /** The pictures it brought. */
  default List<Picture> pictures() {
    return List.of();
  }

  /** The colours it brought. */
  default List<Swatch> swatches() {
    return List.of();
  }

  /** The rows it brought. */
  default Optional<TableIn.Table> rows() {
    return Optional.empty();
  }

  /** Shapes of a drawing; one that is not {@code sized} is read again with how many of its units an inch has. */
  record Drawing(ImportedDrawing drawing) implements Brought {
    @Override
    public Optional<ImportedDrawing> shapes() {
      return Optional.of(drawing);
    }

    @Override
    public void accept(Visitor visitor) {
      visitor.drawing(this);
    }
  }

  /** A font that the job carries from then on. */
  record Lettering(CarriedFont font) implements Brought {
    @Override
    public void accept(Visitor visitor) {
      visitor.lettering(this);
    }
  }

  /** Words with their looks, and what the person should know of them. */
  record Written(WordsIn.Brought words) implements Brought {
    @Override
    public void accept(Visitor visitor) {
      visitor.written(this);
    }
  }

  /** Pictures: one, or each page of a document. */
  record Pictured(List<Picture> pictures) implements Brought {
    /** Keeps a copy. */
    public Pictured {
      pictures = List.copyOf(pictures);
    }

    @Override
    public void accept(Visitor visitor) {
      visitor.pictured(this);
    }
  }

  /** Rows of a list. */
  record Listed(TableIn.Table table) implements Brought {
    @Override
    public Optional<TableIn.Table> rows() {
      return Optional.of(table);
    }

    @Override
    public void accept(Visitor visitor) {
      visitor.listed(this);
    }
  }

  /** Colours of a palette. */
  record Coloured(List<Swatch> swatches) implements Brought {
    /** Keeps a copy. */
    public Coloured {
      swatches = List.copyOf(swatches);
    }

    @Override
    public void accept(Visitor visitor) {
      visitor.coloured(this);
    }
  }

  /** What to do with each. */
  interface Visitor {
    /** Shapes. */
    void drawing(Drawing brought);

    /** A font. */
    void lettering(Lettering brought);

    /** Words. */
    void written(Written brought);

    /** Pictures. */
    void pictured(Pictured brought);

    /** Rows. */
    void listed(Listed brought);

    /** Colours. */
    void coloured(Coloured brought);
  }
}
