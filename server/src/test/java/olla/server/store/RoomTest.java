package olla.server.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.file.Path;
import olla.server.web.NoRoom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.mock.web.MockHttpServletRequest;

/** A disk that fills: what is large is refused first, what is tapped last, what makes room never. */
class RoomTest {

    private static final long MORE_THAN_ANY_DISK = 1L << 50;

    @TempDir
    private Path folder;

    private Room room(long little, long tapsOnly, long none) {
        return new Room(folder.resolve("not/there/yet").toString(), little, tapsOnly, none);
    }

    private static void ask(Room room, String method, String path) {
        new NeedsRoom(room).preHandle(new MockHttpServletRequest(method, path), null, null);
    }

    @Test
    void aDiskWithRoomIsNotSpokenOf() {
        assertThat(room(0, 0, 0).left()).isEqualTo(Room.Left.ENOUGH);
        assertThat(room(0, 0, 0).leftMb()).isEmpty();
        assertThat(new Room("", MORE_THAN_ANY_DISK, MORE_THAN_ANY_DISK, MORE_THAN_ANY_DISK).left())
                .as("where nobody says where the store is")
                .isEqualTo(Room.Left.ENOUGH);
    }

    @Test
    void aDiskThatFillsIsSpokenOfInGoodTime() {
        Room little = room(MORE_THAN_ANY_DISK, 0, 0);

        assertThat(little.leftMb()).isPresent();
        assertThatCode(() -> ask(little, "PUT", "/api/bakes/x/photo")).doesNotThrowAnyException();
    }

    @ParameterizedTest
    @CsvSource({
        "PUT, /api/bakes/x/photo, true",
        "POST, /api/readings, true",
        "PUT, /api/recipes/x, true",
        "POST, /api/bakes/x/taps, false",
        "POST, /api/bakes, false",
        "PUT, /api/bakes/x/verdict, false",
        "DELETE, /api/bakes/x/photo, false",
        "GET, /api/recipes, false"
    })
    void whatIsLargeIsRefusedFirst(String method, String path, boolean refused) {
        Room tapsOnly = room(MORE_THAN_ANY_DISK, MORE_THAN_ANY_DISK, 0);

        if (refused) {
            assertThatThrownBy(() -> ask(tapsOnly, method, path))
                    .isInstanceOf(NoRoom.class)
                    .hasMessage("no-room.nearly");
        } else {
            assertThatCode(() -> ask(tapsOnly, method, path)).doesNotThrowAnyException();
        }
    }

    @ParameterizedTest
    @CsvSource({
        "POST, /api/bakes/x/taps, true",
        "POST, /api/bakes, true",
        "DELETE, /api/bakes/x, false",
        "GET, /api/bakes, false"
    })
    void aFullDiskTakesNothingAndSaysSo(String method, String path, boolean refused) {
        Room none = room(MORE_THAN_ANY_DISK, MORE_THAN_ANY_DISK, MORE_THAN_ANY_DISK);

        if (refused) {
            assertThatThrownBy(() -> ask(none, method, path))
                    .isInstanceOf(NoRoom.class)
                    .hasMessage("no-room.full");
        } else {
            assertThatCode(() -> ask(none, method, path)).doesNotThrowAnyException();
        }
    }
}
