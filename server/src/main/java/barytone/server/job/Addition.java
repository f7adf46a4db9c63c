package barytone.server.job;

import barytone.server.web.RequestKey;

/**
 * What the page sends to add to a job. Every addition carries the place of the last event that its window had seen ({@code after}), so that windows cannot
 * overwrite each other, and a key of its own, so that a request sent twice is kept once.
 */
public interface Addition {
    /** The place of the last event that was seen. */
    long after();

    /** Its own key, 1 to 80 characters. */
    String key();

    /** Nothing but the event itself. */
    record Plain(long after, @RequestKey String key) implements Addition {}

    /** About an earlier event. */
    record About(long after, @RequestKey String key, long event) implements Addition {}
}
