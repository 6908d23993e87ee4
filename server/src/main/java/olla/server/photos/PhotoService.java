package olla.server.photos;

import java.time.Clock;
import java.time.temporal.ChronoUnit;
import java.util.UUID;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import olla.server.bakes.rows.BakeRepository;
import olla.server.web.Busy;
import olla.server.web.NotThere;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;

/** Keeps the pictures. What is stored is our own encoding of them. */
@Service
class PhotoService {

    private static final int LONGEST_WAIT_S = 10;

    private final PhotoRepository photos;
    private final BakeRepository bakes;
    private final Clock clock;
    private final TransactionTemplate store;
    private final Semaphore darkroom = new Semaphore(1, true);

    PhotoService(PhotoRepository photos, BakeRepository bakes, Clock clock, TransactionTemplate store) {
        this.store = store;
        this.photos = photos;
        this.bakes = bakes;
        this.clock = clock;
    }

    /**
     * Keeps a camera's picture of a bake; another one before it is dropped.
     *
     * @throws olla.core.messages.RefusedInput where it is no picture, or too large
     * @throws Busy where too many others are being looked at
     */
    public void keep(UUID id, byte[] file) {
        byte[] jpeg = developed(file);
        store.executeWithoutResult(stored -> {
            touch(id);
            photos.save(new Photo(id, jpeg, clock.instant().truncatedTo(ChronoUnit.MILLIS)));
        });
    }

    /* Before the store is asked for anything, and one after the other: a picture is worth seconds, a tap is not to wait for it. */
    private byte[] developed(byte[] file) {
        try {
            if (!darkroom.tryAcquire(LONGEST_WAIT_S, TimeUnit.SECONDS)) {
                throw new Busy("busy.photos");
            }
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            throw new Busy("busy.stopping");
        }
        try {
            return PhotoLab.develop(file);
        } finally {
            darkroom.release();
        }
    }

    /** The picture as JPEG. */
    @Transactional(readOnly = true)
    public byte[] show(UUID id) {
        return photos.findById(id)
                .orElseThrow(() -> new NotThere("not-there.photo"))
                .jpeg();
    }

    /** The same small, as a list shows it; made once. */
    @Transactional
    public byte[] small(UUID id) {
        return photos.findSmall(id).orElseGet(() -> {
            Photo photo = photos.findById(id).orElseThrow(() -> new NotThere("not-there.photo"));
            byte[] small = PhotoLab.small(photo.jpeg());
            photo.keepSmall(small);
            return small;
        });
    }

    /** Drops it; where there is none, nothing changes. */
    @Transactional
    public void drop(UUID id) {
        touch(id);
        photos.deleteById(id);
    }

    private void touch(UUID id) {
        if (!bakes.existsById(id)) {
            throw new NotThere("not-there.bake");
        }
        bakes.touch(id.toString());
    }
}
