package mildlantern.web.routine;

/** A piece of writing that gives something. */
@FunctionalInterface
public interface Writing<T, X extends Exception> {
    T run() throws X;
}
