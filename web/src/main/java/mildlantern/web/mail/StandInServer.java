package mildlantern.web.mail;

import com.icegreen.greenmail.util.GreenMail;
import com.icegreen.greenmail.util.ServerSetup;
import jakarta.mail.Message;
import jakarta.mail.MessagingException;
import jakarta.mail.internet.MimeMessage;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.mail.javamail.JavaMailSender;
import org.springframework.mail.javamail.JavaMailSenderImpl;

/** A small mail server on loopback, for the demo and tests: what is sent to it can be read, and goes nowhere else. */
@Configuration(proxyBeanMethods = false)
@ConditionalOnProperty("lantern.stand-in-mail")
class StandInServer {
    private static final int MOST_SHOWN = 50;

    /** A message that came in. */
    record Received(String to, String subject, String text) {}

    @Bean(initMethod = "start", destroyMethod = "stop")
    GreenMail standInMail() {
        return new GreenMail(ServerSetup.SMTP.port(0).setVerbose(false));
    }

    @Bean
    JavaMailSender mailSender(GreenMail server) {
        JavaMailSenderImpl sender = new JavaMailSenderImpl();
        sender.setHost("127.0.0.1");
        sender.setPort(server.getSmtp().getPort());
        return sender;
    }

    @Bean
    Mailbox mailbox(GreenMail server) {
        return () -> {
            List<Received> all = new ArrayList<>();
            for (MimeMessage message : server.getReceivedMessages()) {
                all.add(read(message));
            }
            Collections.reverse(all);
            return all.subList(0, Math.min(MOST_SHOWN, all.size()));
        };
    }

    private static Received read(MimeMessage message) {
        try {
            return new Received(
                    String.valueOf(message.getRecipients(Message.RecipientType.TO)[0]),
                    String.valueOf(message.getSubject()),
                    String.valueOf(message.getContent()));
        } catch (MessagingException | IOException e) {
            throw new IllegalStateException(e);
        }
    }

    /** What came in, the latest first. */
    interface Mailbox {
        List<Received> messages();
    }
}
