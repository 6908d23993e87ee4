package olla.server.load;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import olla.server.web.Busy;
import olla.server.web.TooMany;

/**
 * A few seats, and a queue for them in which askers take turns: whoever asks for one thing waits for one thing of each other
 * asker at most, however many the others ask for.
 */
final class Turns {

    private final int mostWaiting;
    private final int mostWaitingEach;
    private final Map<String, Deque<Place>> waiting = new LinkedHashMap<>();
    private int free;
    private int waitingNow;

    /**
     * @param seats how many at once
     * @param mostWaiting how many wait for one
     * @param mostWaitingEach how many of one asker's wait for one
     */
    Turns(int seats, int mostWaiting, int mostWaitingEach) {
        this.free = seats;
        this.mostWaiting = mostWaiting;
        this.mostWaitingEach = mostWaitingEach;
    }

    /** A place in the queue, then a seat; given back when it is closed, whichever it is. */
    final class Place implements AutoCloseable {

        private final String asker;
        private final CountDownLatch called = new CountDownLatch(1);
        private boolean left;

        private Place(String asker) {
            this.asker = asker;
        }

        /** Whether it is this one's turn by then. */
        boolean called(long withinMs) throws InterruptedException {
            return called.await(withinMs, TimeUnit.MILLISECONDS);
        }

        @Override
        public void close() {
            leave(this);
        }
    }

    /**
     * Takes a place.
     *
     * @param asker who asks; places of one asker are called in their order
     * @throws TooMany where this asker waits for too many already
     * @throws Busy where all together do
     */
    synchronized Place ask(String asker) {
        Place place = new Place(asker);
        if (free > 0) {
            free--;
            place.called.countDown();
            return place;
        }
        Deque<Place> own = waiting.getOrDefault(asker, new ArrayDeque<>());
        if (own.size() >= mostWaitingEach) {
            throw new TooMany("busy.asked-from-here");
        }
        if (waitingNow >= mostWaiting) {
            throw new Busy("busy.asked");
        }
        own.add(place);
        waiting.put(asker, own);
        waitingNow++;
        return place;
    }

    private synchronized void leave(Place place) {
        if (place.left) {
            return;
        }
        place.left = true;
        Deque<Place> own = waiting.get(place.asker);
        if (own != null && own.remove(place)) {
            waitingNow--;
            if (own.isEmpty()) {
                waiting.remove(place.asker);
            }
            return;
        }
        callNext();
    }

    /* The first asker's first; that asker goes to the end of the line. */
    private void callNext() {
        Iterator<Map.Entry<String, Deque<Place>>> line = waiting.entrySet().iterator();
        if (!line.hasNext()) {
            free++;
            return;
        }
        Map.Entry<String, Deque<Place>> first = line.next();
        String asker = first.getKey();
        Deque<Place> own = first.getValue();
        line.remove();
        Place next = own.remove();
        waitingNow--;
        if (!own.isEmpty()) {
            waiting.put(asker, own);
        }
        next.called.countDown();
    }
}
