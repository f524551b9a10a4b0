package mildlantern.web.routine;

/** A piece of writing that gives nothing. */
@FunctionalInterface
public interface Deed<X extends Exception> {
    void run() throws X;
}
