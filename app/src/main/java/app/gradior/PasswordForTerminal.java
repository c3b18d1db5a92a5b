package app.gradior;

import app.gradior.access.Passwords;
import app.gradior.room.words.Words;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.util.Objects;
import java.util.Optional;

/** Hashes a new password, which it reads, for the launcher to keep: an owner at the machine itself has forgotten the old one. */
public final class PasswordForTerminal {
    private PasswordForTerminal() {}

    /** Prints the hash; ends with status 2 and the reason when the password may not be. */
    public static void main(String[] login) throws IOException {
        String password = Objects.requireNonNullElse(
                new BufferedReader(new InputStreamReader(System.in, StandardCharsets.UTF_8)).readLine(), "");
        Passwords passwords = new Passwords();
        Optional<String> wrong = passwords.wrongWith(password, login[0]).map(Words::say);
        if (wrong.isPresent()) {
            System.err.println(wrong.get());
            System.exit(2);
        }
        System.out.println(passwords.hash(password));
    }
}
