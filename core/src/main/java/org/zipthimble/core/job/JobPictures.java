package org.zipthimble.core.job;

import java.util.AbstractMap;
import java.util.Collections;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import org.zipthimble.core.picture.Picture;

/**
 * The pictures of a job by their identities, in the order of these; never changed, so that jobs with the same pictures have the very same
 * map.
 */
final class JobPictures extends AbstractMap<String, Picture> {
  private final TreeMap<String, Picture> all;

  private JobPictures(Map<String, Picture> pictures) {
    this.all = new TreeMap<>(pictures);
  }

  static Map<String, Picture> of(Map<String, Picture> pictures) {
    return pictures instanceof JobPictures ? pictures : new JobPictures(pictures);
  }

  @Override
  public Picture get(Object id) {
    return all.get(id);
  }

  @Override
  public boolean containsKey(Object id) {
    return all.containsKey(id);
  }

  @Override
  public Set<Entry<String, Picture>> entrySet() {
    return Collections.unmodifiableMap(all).entrySet();
  }
}
