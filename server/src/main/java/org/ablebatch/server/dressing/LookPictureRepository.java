package org.ablebatch.server.dressing;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface LookPictureRepository extends JpaRepository<LookPicture, String> {
  List<LookPicture> findAllByOrderByTitle();
}
