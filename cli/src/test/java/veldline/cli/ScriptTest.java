package veldline.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Assumptions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The scripts at the root: they are read by the shell, and asking for help does nothing but help. */
class ScriptTest {
    private static final Path ROOT = Path.of("..").toAbsolutePath().normalize();

    private static Process run(String... command) throws IOException, InterruptedException {
        Assumptions.assumeTrue(Files.isExecutable(Path.of("/bin/bash")), "no shell to run scripts with");
        Process p = new ProcessBuilder(command)
                .directory(ROOT.toFile())
                .redirectErrorStream(true)
                .start();
        boolean ended = p.waitFor(10, TimeUnit.SECONDS);
        if (!ended) {
            p.descendants().forEach(ProcessHandle::destroyForcibly);
            p.destroyForcibly();
        }
        assertThat(ended).as(List.of(command) + " ends by itself").isTrue();
        return p;
    }

    @ParameterizedTest
    @ValueSource(strings = {"veldline", "check", ".ci/run", "bench/run", "packaging/run"})
    void everyScriptIsWellFormedAndMayBeRun(String script) throws IOException, InterruptedException {
        assertThat(ROOT.resolve(script)).isExecutable();
        assertThat(run("/bin/bash", "-n", script).exitValue()).isZero();
        // Before options are set, only comments: a comment that lost its sign would run as a command.
        List<String> head = Files.readAllLines(ROOT.resolve(script)).stream()
                .takeWhile(l -> !l.startsWith("set "))
                .toList();
        assertThat(head).isNotEmpty().allMatch(l -> l.startsWith("#"));
    }

    @Test
    void helpNamesEveryWayToStart() throws IOException, InterruptedException {
        Process p = run("./veldline", "help");
        assertThat(p.exitValue()).isZero();
        String told = new String(p.getInputStream().readAllBytes(), java.nio.charset.StandardCharsets.UTF_8);
        assertThat(told).contains("demo", "FILE", "package", "solve", "calc");
    }
}
