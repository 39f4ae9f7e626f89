package org.zipthimble.core.store;

import com.fasterxml.jackson.core.JsonProcessingException;
import java.io.IOException;
import java.io.UncheckedIOException;
import org.zipthimble.core.type.Story;
import org.zipthimble.core.wording.Trouble;

/** Words with their looks as bytes, for the clipboard. */
public final class StoryText {
  private StoryText() {}

  /** The bytes of a story. */
  public static byte[] write(Story story) {
    try {
      return Binding.MAPPER.writeValueAsBytes(story);
    } catch (JsonProcessingException e) {
      throw new UncheckedIOException(e);
    }
  }

  /**
   * A story from its bytes.
   *
   * @throws Trouble when they are none
   */
  public static Story read(byte[] bytes) throws Trouble {
    try {
      return Binding.MAPPER.readValue(bytes, Story.class);
    } catch (IOException | RuntimeException e) {
      throw Trouble.because(e, "story.unreadable");
    }
  }
}
