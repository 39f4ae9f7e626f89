package org.zipthimble.desktop.tray;

import org.zipthimble.desktop.state.Session;

/** All that puts something on the face; each thing is selected once it is there. */
public record Adders(ObjectAdder objects, PictureAdder pictures, DrawingAdder drawings, ShelfAdder shelf) {
  /** Those of a session. */
  public static Adders of(Session session) {
    DrawingAdder drawings = new DrawingAdder(session);
    ObjectAdder objects = new ObjectAdder(session);
    PictureAdder pictures = new PictureAdder(session, drawings);
    pictures.setOnWords(objects::wordsFile);
    return new Adders(objects, pictures, drawings, new ShelfAdder(session));
  }
}
