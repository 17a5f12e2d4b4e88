package veldline.format;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.FileNotFoundException;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import veldline.demo.TernholmSands;
import veldline.job.Job;

class JobFileTest {
    private static final Job JOB = TernholmSands.nestCamera();
    private static final JobFile.Parts PARTS = JobFile.write(JOB);

    @Test
    void whatIsWrittenIsReadBackEqual() throws FormatException {
        assertThat(JobFile.read(PARTS.json(), PARTS.recordings()::get)).isEqualTo(JOB);
    }

    @Test
    void typedNumbersStayLetterForLetter() {
        assertThat(PARTS.json())
                .contains("\"number\" : \"18\"")
                .contains("\"unit\" : \"IN\"")
                .contains("\"number\" : \"12.0\"");
    }

    @Test
    void aNewerMinorVersionIsReadAndANewerMajorIsNot() throws FormatException {
        String version = "\"version\" : \"" + Job.FORMAT;
        String minor = PARTS.json()
                .replace(version, "\"version\" : \"2.99")
                .replace("\"place\"", "\"colour\" : \"red\", \"place\"");
        assertThat(JobFile.read(minor, PARTS.recordings()::get)).isEqualTo(JOB);
        assertThatThrownBy(() ->
                        JobFile.read(PARTS.json().replace(version, "\"version\" : \"3.0"), PARTS.recordings()::get))
                .hasMessageContaining("3.0")
                .hasMessageContaining("newer program");
    }

    @Test
    void aChangedRecordingIsNoticed() {
        assertThatThrownBy(() -> JobFile.read(
                        PARTS.json(), name -> PARTS.recordings().get(name).replace("-6", "-5")))
                .hasMessageContaining("was changed since it was made");
        assertThatThrownBy(() -> JobFile.read(PARTS.json(), name -> {
                    throw new FileNotFoundException(name + " is not there");
                }))
                .hasMessageContaining("is not there");
    }

    @Test
    void aRecordingNeverLeadsOutOfTheFolder() {
        String outside = PARTS.json().replaceFirst("recording-[0-9a-f]+\\.csv", "../../secret.csv");
        assertThatThrownBy(() -> JobFile.read(outside, n -> "")).hasMessageContaining("not a plain file name");
    }

    @Property(tries = 150)
    void aTruncatedFileIsRefusedInASentence(@ForAll @IntRange(max = 1_000_000) int cut) {
        String part = PARTS.json().substring(0, cut % (PARTS.json().length() - 4));
        assertThatThrownBy(() -> JobFile.read(part, PARTS.recordings()::get))
                .isInstanceOf(FormatException.class)
                .hasMessageMatching("(?s).{15,}");
    }

    @Property(tries = 300)
    void noMutationMakesItFailInAnyOtherWay(@ForAll int at, @ForAll char with) {
        StringBuilder text = new StringBuilder(PARTS.json());
        text.setCharAt(Math.floorMod(at, text.length()), with);
        try {
            assertThat(JobFile.read(text.toString(), PARTS.recordings()::get)).isNotNull();
        } catch (FormatException e) {
            assertThat(e.getMessage()).isNotBlank();
        }
    }
}
