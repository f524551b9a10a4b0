package mildlantern.web.platform;

import org.jspecify.annotations.Nullable;

/** What is to be changed was changed by somebody else, or in another window, since the page was opened. Nothing was stored. */
public final class StaleEdit extends Exception {
    private static final long serialVersionUID = 1L;

    /**
     * Holds a change against the version that stands.
     *
     * @param opened the version that the page showed; null where it told none, which is as good as an old one
     * @throws StaleEdit if it is not the one that stands
     */
    public static void check(@Nullable Long opened, long standing) throws StaleEdit {
        if (opened == null || opened != standing) {
            throw new StaleEdit(opened, standing);
        }
    }

    private StaleEdit(@Nullable Long opened, long standing) {
        super("version " + opened + " was changed to " + standing);
    }
}
