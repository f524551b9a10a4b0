package mildlantern.web.mail;

import java.util.Optional;
import mildlantern.web.platform.LanternSettings;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.mail.MailException;
import org.springframework.mail.SimpleMailMessage;
import org.springframework.mail.javamail.JavaMailSender;
import org.springframework.stereotype.Service;

/** Sends mail, where a mail server is set. */
@Service
public class Post {
    private static final Logger LOG = LoggerFactory.getLogger(Post.class);

    private final Optional<JavaMailSender> sender;
    private final String from;

    Post(ObjectProvider<JavaMailSender> sender, LanternSettings settings) {
        this.sender = Optional.ofNullable(sender.getIfAvailable());
        this.from = settings.mailFrom();
    }

    /** Whether mail can be sent at all. */
    public boolean works() {
        return sender.isPresent();
    }

    /**
     * Sends a message.
     *
     * @return false if it could not be sent; the log says why
     */
    public boolean send(String to, String subject, String text) {
        if (sender.isEmpty()) {
            return false;
        }
        SimpleMailMessage message = new SimpleMailMessage();
        message.setFrom(from);
        message.setTo(to);
        message.setSubject(subject);
        message.setText(text);
        try {
            sender.get().send(message);
            return true;
        } catch (MailException e) {
            LOG.warn("a message could not be sent: {}", e.getMessage());
            return false;
        }
    }
}
