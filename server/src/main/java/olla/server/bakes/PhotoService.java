package olla.server.bakes;

import java.time.Clock;
import java.time.temporal.ChronoUnit;
import java.util.UUID;
import olla.server.web.NotThere;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps the pictures. What is stored is our own encoding of them. */
@Service
class PhotoService {

    private final PhotoRepository photos;
    private final BakeRepository bakes;
    private final Clock clock;

    PhotoService(PhotoRepository photos, BakeRepository bakes, Clock clock) {
        this.photos = photos;
        this.bakes = bakes;
        this.clock = clock;
    }

    /**
     * Keeps a camera's picture of a bake; another one before it is dropped.
     *
     * @throws olla.core.units.RefusedInput where it is no picture, or too large
     */
    @Transactional
    public void keep(UUID id, byte[] file) {
        byte[] jpeg = PhotoLab.develop(file);
        touch(id);
        photos.save(new Photo(id, jpeg, clock.instant().truncatedTo(ChronoUnit.MILLIS)));
    }

    /** The picture as JPEG. */
    @Transactional(readOnly = true)
    public byte[] show(UUID id) {
        return photos.findById(id)
                .orElseThrow(() -> new NotThere("There is no photo of this bake."))
                .jpeg();
    }

    /** Drops it; where there is none, nothing changes. */
    @Transactional
    public void drop(UUID id) {
        touch(id);
        photos.deleteById(id);
    }

    private void touch(UUID id) {
        if (!bakes.existsById(id)) {
            throw new NotThere("There is no such bake.");
        }
        bakes.touch(id.toString());
    }
}
