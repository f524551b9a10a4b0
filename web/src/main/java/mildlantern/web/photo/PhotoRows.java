package mildlantern.web.photo;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import mildlantern.plant.PlantId;
import mildlantern.web.platform.CollectionId;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

/** The table of photos. */
interface PhotoRows extends Repository<Photo, UUID> {
    Photo save(Photo photo);

    Optional<Photo> findByCollectionAndId(CollectionId collection, UUID id);

    @Query("select p.thumbnail from Photo p where p.collection = :collection and p.id = :id")
    Optional<byte[]> thumbnail(CollectionId collection, UUID id);

    /** What is needed to list photos, without their bytes. */
    @Query("""
            select new mildlantern.web.photo.PhotoLine(p.id, p.takenOn, p.caption)
            from Photo p where p.collection = :collection and p.plant = :plant
                and not exists (select u.id from LogRow u where u.collection = p.collection and u.undoes = p.happening)
            order by p.takenOn desc
            """)
    List<PhotoLine> listed(CollectionId collection, PlantId plant);
}
