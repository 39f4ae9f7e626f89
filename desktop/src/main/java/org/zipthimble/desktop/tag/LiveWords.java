package org.zipthimble.desktop.tag;

import org.zipthimble.core.item.LiveEffect;
import org.zipthimble.core.wording.Wording;

/** What a live group makes, in a sentence. */
final class LiveWords implements LiveEffect.Visitor<String> {
  private LiveWords() {}

  static String what(LiveEffect effect) {
    return effect.accept(new LiveWords());
  }

  @Override
  public String together(LiveEffect.Together effect) {
    return "";
  }

  @Override
  public String combined(LiveEffect.Combined effect) {
    return Wording.of(effect.way());
  }

  @Override
  public String rings(LiveEffect.Rings effect) {
    return Wording.text("way.rings");
  }

  @Override
  public String repeated(LiveEffect.Repeated effect) {
    return Wording.text("way.repeated");
  }

  @Override
  public String mounted(LiveEffect.Mounted effect) {
    return "";
  }

  @Override
  public String gridded(LiveEffect.Gridded effect) {
    return "";
  }

  @Override
  public String bent(LiveEffect.Bent effect) {
    return Wording.of(effect.bend().bow(), "told");
  }
}
