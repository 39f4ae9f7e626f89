package org.zipthimble.core.store;

/** The other half of the doors. */
class OtherDoorsFuzzTest extends EveryDoorFuzzTest {
  @Override
  int half() {
    return 1;
  }
}
