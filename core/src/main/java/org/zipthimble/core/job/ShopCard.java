package org.zipthimble.core.job;

import java.util.List;
import java.util.Set;
import org.zipthimble.core.plan.Ticket;

/**
 * What a print shop asks of the files it is sent.
 *
 * @param to what kind of printing it does; it sets the colour mode
 * @param bleed the least bleed, in inches
 * @param safe the least distance of words from the trim, in inches
 * @param ppi the least pixels per inch of pictures
 * @param limit the most ink in one place, as a sum of amounts of 0 to 1
 * @param formats the kinds of file it takes, such as pdf and tiff
 * @param fewest pages of a job
 * @param most pages of a job
 * @param cropMarks whether it wants crop marks
 * @param naming how files are called: {job}, {item}, {shop} and {version} stand for what they say
 */
public record ShopCard(
    String name, Destination to, double bleed, double safe, double ppi, double limit, List<String> formats, int fewest, int most,
    boolean cropMarks,
    String naming) {
  /** The kinds of file that a card can name. */
  public static final Set<String> FORMATS = Set.of("pdf", "tiff", "png", "jpeg");

  /** The longest name and pattern. */
  public static final int LONGEST = 80;

  /** Keeps a copy and checks the ranges. */
  public ShopCard {
    formats = List.copyOf(formats);
    if (name == null || name.isBlank() || name.length() > LONGEST || naming == null || naming.isBlank() || naming.length() > LONGEST
        || to == null) {
      throw new IllegalArgumentException("a shop's card needs a name and a pattern of up to " + LONGEST + " letters");
    }
    if (!(bleed >= 0 && bleed <= Ticket.MOST_BLEED && safe >= 0 && safe <= 20 && ppi >= Ticket.LEAST_PPI && ppi <= Ticket.MOST_PPI
        && limit >= ColourPlan.LEAST_LIMIT && limit <= ColourPlan.MOST_LIMIT)) {
      throw new IllegalArgumentException("a shop's figures are out of range: " + bleed + ", " + safe + ", " + ppi + ", " + limit);
    }
    if (formats.isEmpty() || !FORMATS.containsAll(formats) || fewest < 1 || most < fewest || most > Job.MOST_FACES) {
      throw new IllegalArgumentException("a shop's files are out of range: " + formats + ", " + fewest + ", " + most);
    }
  }

  /**
   * The name of a file without its ending.
   *
   * @param version from 1
   */
  public String fileName(String job, String item, int version) {
    String whole = naming.replace("{job}", plain(job)).replace("{item}", plain(item)).replace("{shop}", plain(name))
        .replace("{version}", String.valueOf(version));
    String safe = whole.replaceAll("[\\\\/:*?\"<>|\\p{Cntrl}]+", "-").strip();
    // A name of dots alone is a folder, this one or the one above.
    return safe.replace(".", "").isBlank() ? "file-" + version : safe;
  }

  private static String plain(String words) {
    return words.replaceAll("[^\\p{L}\\p{N}]+", "-").replaceAll("^-|-$", "");
  }
}
