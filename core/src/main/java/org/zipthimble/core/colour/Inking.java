package org.zipthimble.core.colour;

import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;

/**
 * Which ink every colour of a job becomes: what the palette says, else what the printing condition gives; black and grey
 * words stay in black ink alone, so that no edge of a letter has to be met by four plates. Safe for several threads.
 */
public final class Inking {
  private static final double FINE = 1e-4;

  private final Press press;
  private final Map<Colour, Ink> own;
  private final boolean blackWords;
  private final Map<Colour, Ink> known = new ConcurrentHashMap<>();
  private final Map<Integer, Ink> greys = new ConcurrentHashMap<>();
  private volatile InkTable table;
  private volatile ProofTable proof;

  /**
   * The inks of a job.
   *
   * @param own what the palette says of its colours
   * @param blackWords whether grey words are in black ink alone
   */
  public Inking(Press press, Map<Colour, Ink> own, boolean blackWords) {
    this.press = press;
    this.own = Map.copyOf(own);
    this.blackWords = blackWords;
  }

  /** The printing condition. */
  public Press press() {
    return press;
  }

  /** What the palette says of its colours. */
  public Map<Colour, Ink> own() {
    return own;
  }

  /** Whether a colour has a plate of its own. */
  public boolean plated(Colour colour) {
    return Optional.ofNullable(own.get(colour)).flatMap(Ink::asSpot).isPresent();
  }

  /** The ink of a colour. */
  public Ink of(Colour colour) {
    Ink said = own.get(colour);
    return said != null ? said : known.computeIfAbsent(colour, c -> new Ink.Process(press.ink(c)));
  }

  /** The ink of a colour that words have. */
  public Ink ofWords(Colour colour) {
    boolean grey = colour.red() == colour.green() && colour.green() == colour.blue();
    return blackWords && grey && !plated(colour)
        ? greys.computeIfAbsent(colour.red(), v -> new Ink.Process(grey(colour))) : of(colour);
  }

  /** The amount of black alone that looks as light as a grey; black is the full plate. */
  private Cmyk grey(Colour colour) {
    double wanted = Lab.of(colour).l();
    double low = 0;
    double high = 1;
    if (colour.red() == 0) {
      return Cmyk.BLACK;
    }
    while (high - low > FINE) {
      double middle = (low + high) / 2;
      if (press.seen(new Cmyk(0, 0, 0, middle)).l() > wanted) {
        low = middle;
      } else {
        high = middle;
      }
    }
    return new Cmyk(0, 0, 0, Math.rint((low + high) / 2 / FINE) * FINE);
  }

  /** A fast table of the same press for pictures; made at the first call, which takes about half a second. */
  public InkTable table() {
    InkTable made = table;
    if (made == null) {
      made = InkTable.of(press);
      table = made;
    }
    return made;
  }

  /** What inks of the same press look like on its paper; made at the first call. */
  public ProofTable proof() {
    ProofTable made = proof;
    if (made == null) {
      made = ProofTable.of(press, true);
      proof = made;
    }
    return made;
  }
}
