package org.zipthimble.desktop.state;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import org.zipthimble.core.units.Size;

/** Asks the person for files and for leave to lose work. Tests answer in the person's stead. */
public interface Asker {
  /** What is to become of unsaved work. */
  enum Unsaved {
    /** Save it first. */
    SAVE,
    /** Let it go. */
    LOSE,
    /** Do not go on. */
    STAY
  }

  /** What to do when another program has changed the job's file. */
  enum Changed {
    /** Save over it; what it holds now is kept as a version. */
    OVER,
    /** Save beside it under a number. */
    NUMBERED,
    /** Do nothing. */
    STAY
  }

  /** A job to open. */
  Optional<Path> jobToOpen();

  /** Where to save a job. */
  Optional<Path> whereToSave(String suggestedName);

  /** Where to write an output file; the ending is such as .pdf. */
  Optional<Path> whereToSend(String suggestedName, String ending);

  /** Pictures to bring in. */
  List<Path> pictures();

  /** A print shop's profile to go by. */
  default Optional<Path> profile() {
    return Optional.empty();
  }

  /** A print shop's card to take. */
  default Optional<Path> shopCard() {
    return Optional.empty();
  }

  /** A palette to bring in. */
  default Optional<Path> palette() {
    return Optional.empty();
  }

  /** A drawing to bring in. */
  default Optional<Path> drawing() {
    return Optional.empty();
  }

  /** A list to fill fields from. */
  default Optional<Path> table() {
    return Optional.empty();
  }

  /** A file of words to bring in. */
  default Optional<Path> words() {
    return Optional.empty();
  }

  /**
   * How many units of a drawing file make an inch, since the file does not say.
   *
   * @param size as it would be at the usual number
   */
  default Optional<Double> unitsPerInch(String fileName, List<Double> choices, Size size) {
    return Optional.empty();
  }

  /** What to do with unsaved work on a job of this name. */
  Unsaved unsaved(String jobName);

  /** Whether files of these names, which are there already, may be replaced. */
  boolean mayReplace(List<String> fileNames);

  /** Whether words may be cut in the stand-in face, since theirs are not here. */
  default boolean mayCutStandIn(List<String> missing) {
    return false;
  }

  /** Whether a picture that was dropped on a full mount takes the other's place; else it is laid on top. */
  default boolean mayReplacePicture(String pictureName) {
    return false;
  }

  /** What to do about a file of this name that another program has changed. */
  Changed changedOutside(String fileName);
}
