package olla.server.tenancy;

import java.util.function.Supplier;

/**
 * Whose kitchen this thread works for. Nothing is assumed: where nobody has said so no row is seen, and none can be written. Goes with the thread, and to another only where it is
 * carried there.
 */
public final class WhoseKitchen {

    /** The one that there is where nobody has made another: the machine's own. */
    public static final int FIRST = 1;

    /** All of them, for what is done beside and for all: looks up, and writes nothing of its own. */
    public static final int ALL = 0;

    private static final int NOBODYS = -1;

    private static final ThreadLocal<Integer> HERE = ThreadLocal.withInitial(() -> NOBODYS);

    private WhoseKitchen() {}

    /** Its id; {@link #ALL}, or one that no kitchen has. */
    public static int here() {
        return HERE.get();
    }

    /** A stay in a kitchen, until it is closed by the thread that entered it. */
    public static final class Stay implements AutoCloseable {

        private final int before;

        private Stay(int before) {
            this.before = before;
        }

        @Override
        public void close() {
            if (before == NOBODYS) {
                HERE.remove();
            } else {
                HERE.set(before);
            }
        }
    }

    /** Works for a kitchen until the stay is closed. */
    public static Stay enter(int kitchen) {
        Stay stay = new Stay(here());
        HERE.set(kitchen);
        return stay;
    }

    /** Does something for a kitchen. */
    public static <T> T in(int kitchen, Supplier<T> work) {
        Stay stay = enter(kitchen);
        try {
            return work.get();
        } finally {
            stay.close();
        }
    }

    /** Does something for a kitchen. */
    public static void in(int kitchen, Runnable work) {
        Stay stay = enter(kitchen);
        try {
            work.run();
        } finally {
            stay.close();
        }
    }

    /** The same work, to be done by another thread for the kitchen that this one works for. */
    public static Runnable carried(Runnable work) {
        int here = here();
        return () -> in(here, work);
    }

    /** The same work, to be done by another thread for the kitchen that this one works for. */
    public static <T> Supplier<T> carried(Supplier<T> work) {
        int here = here();
        return () -> in(here, work);
    }
}
