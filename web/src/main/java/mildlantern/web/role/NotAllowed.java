package mildlantern.web.role;

import java.io.Serial;

/** Somebody asked for what his role does not let him do. */
public final class NotAllowed extends RuntimeException {
    @Serial
    private static final long serialVersionUID = 1L;

    private final Role has;
    private final Role needed;

    public NotAllowed(Role has, Role needed) {
        super(has + " where " + needed + " is asked for");
        this.has = has;
        this.needed = needed;
    }

    public Role has() {
        return has;
    }

    public Role needed() {
        return needed;
    }
}
