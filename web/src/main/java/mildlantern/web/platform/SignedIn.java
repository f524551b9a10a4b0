package mildlantern.web.platform;

import java.io.Serial;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.CredentialsContainer;
import org.springframework.security.core.GrantedAuthority;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.core.userdetails.UserDetails;

/** Who is signed in, and to which collection: every query is scoped by it. Kept in the session. */
public final class SignedIn implements UserDetails, CredentialsContainer {
    @Serial
    private static final long serialVersionUID = 1L;

    /** As a number, because sessions outlive versions. */
    private final UUID collection;

    private final String collectionName;
    private final String signIn;
    private final String name;
    private @Nullable String passwordHash;

    public SignedIn(CollectionId collection, String collectionName, String signIn, String name, String passwordHash) {
        this.collection = collection.value();
        this.collectionName = collectionName;
        this.signIn = signIn;
        this.name = name;
        this.passwordHash = passwordHash;
    }

    /** Who is signed in and asks just now; empty outside a request. */
    public static Optional<SignedIn> now() {
        Authentication asks = SecurityContextHolder.getContext().getAuthentication();
        return asks != null && asks.getPrincipal() instanceof SignedIn member ? Optional.of(member) : Optional.empty();
    }

    /** The same under another name. */
    public SignedIn called(String another) {
        return new SignedIn(collection(), collectionName, signIn, another, "");
    }

    public CollectionId collection() {
        return new CollectionId(collection);
    }

    public String collectionName() {
        return collectionName;
    }

    public String name() {
        return name;
    }

    @Override
    public Collection<? extends GrantedAuthority> getAuthorities() {
        return List.of();
    }

    @Override
    public @Nullable String getPassword() {
        return passwordHash;
    }

    @Override
    public String getUsername() {
        return signIn;
    }

    @Override
    public void eraseCredentials() {
        passwordHash = null;
    }
}
