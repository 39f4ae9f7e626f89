package org.zipthimble.core.item;

import java.util.Optional;
import org.zipthimble.core.picture.Retouch;

/** What shows a picture that ends where its frame does: it is cropped by its frame and slides behind it. */
public sealed interface HoldsPicture extends Item permits ItemPhoto {
  /** The picture, by the identity of its bytes. */
  String pictureId();

  /** What is done to it. */
  Retouch retouching();

  /** The same showing another picture. */
  HoldsPicture withPictureId(String id);

  /** The same with other things done to it. */
  HoldsPicture withRetouching(Retouch retouching);

  @Override
  default Optional<Retouch> retouch() {
    return Optional.of(retouching());
  }
}
