/** The demo jobs of the Marrowfield Seed Library, their art and the generator that makes them. */
module org.zipthimble.samples {
  requires java.desktop;
  requires transitive org.zipthimble.core;

  exports org.zipthimble.samples;
}
