package org.zipthimble.practice.window;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.OptionalInt;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.zipthimble.core.wording.Wording;

/** A port that is none is told in a sentence before any window opens. */
class PortTest {
  @ParameterizedTest
  @ValueSource(strings = {"0", "-1", "65536", "99999999999", "seven", "80.5", "", " 80", "0x50"})
  void aPortThatIsNoneIsRefused(String port) {
    assertEquals(OptionalInt.empty(), Knobs.port(port));
    assertTrue(Wording.text("practice.noPort", port).startsWith(port));
  }

  @ParameterizedTest
  @ValueSource(ints = {1, 80, 9100, 65535})
  void anyPortThatThereIsIsTaken(int port) {
    assertEquals(OptionalInt.of(port), Knobs.port(String.valueOf(port)));
  }

  @Test
  void theSentenceNamesWhatWouldDo() {
    assertTrue(Wording.text("practice.noPort", "x").contains("65535"));
  }
}
