package olla.server.store;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.OptionalLong;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * How much room is left where the store is. A database that meets the end of its disk stands still, so what would fill it is
 * refused in words before that: what is large first, what is tapped last.
 */
@Component
public class Room {

    /** How much is left. */
    public enum Left {
        /** Nobody needs to know. */
        ENOUGH,
        /** Somebody should make room. */
        LITTLE,
        /** What is tapped is stored, and nothing larger. */
        TAPS_ONLY,
        /** Nothing is stored. */
        NONE
    }

    private static final Logger LOG = LoggerFactory.getLogger(Room.class);
    private static final long LOOK_NS = TimeUnit.SECONDS.toNanos(2);
    private static final long MB = 1 << 20;

    private final Path folder;
    private final long littleMb;
    private final long tapsOnlyMb;
    private final long noneMb;
    private volatile long leftMb = Long.MAX_VALUE;
    private volatile long lookedAt;
    private volatile Left told = Left.ENOUGH;

    /**
     * @param folder the store's; empty where nobody says, and then there is room
     * @param littleMb below this somebody should make room, MB
     * @param tapsOnlyMb below this only what is tapped is stored, MB
     * @param noneMb below this nothing is, MB
     */
    Room(
            @Value("${olla.room.folder}") String folder,
            @Value("${olla.room.little-mb}") long littleMb,
            @Value("${olla.room.taps-only-mb}") long tapsOnlyMb,
            @Value("${olla.room.none-mb}") long noneMb) {
        this.folder = folder.isBlank() ? null : Path.of(folder);
        this.littleMb = littleMb;
        this.tapsOnlyMb = tapsOnlyMb;
        this.noneMb = noneMb;
        this.lookedAt = System.nanoTime() - LOOK_NS;
    }

    /** How much is left, as of the last two seconds. */
    public Left left() {
        look();
        Left left = leftMb < noneMb
                ? Left.NONE
                : leftMb < tapsOnlyMb ? Left.TAPS_ONLY : leftMb < littleMb ? Left.LITTLE : Left.ENOUGH;
        if (left != told) {
            told = left;
            LOG.warn("There are {} MB left for the store in {}: {}.", leftMb, folder, left);
        }
        return left;
    }

    /** How much is left, MB; empty where nobody needs to know. */
    public OptionalLong leftMb() {
        return left() == Left.ENOUGH ? OptionalLong.empty() : OptionalLong.of(leftMb);
    }

    private void look() {
        if (folder == null || System.nanoTime() - lookedAt < LOOK_NS) {
            return;
        }
        lookedAt = System.nanoTime();
        try {
            leftMb = Files.getFileStore(nearest()).getUsableSpace() / MB;
        } catch (IOException unknown) {
            LOG.debug("The room in {} cannot be told: {}", folder, unknown.toString());
        }
    }

    /* The store's own folder may be closed to this user; the one it lies in is on the same disk, unless it is a disk. */
    private Path nearest() {
        Path there = folder.toAbsolutePath();
        while (there.getParent() != null && !Files.exists(there)) {
            there = there.getParent();
        }
        return there;
    }
}
