package {{package}}.{{messages}};

{{#byLayer}}
import {{package}}.domain.{{Entity}};
{{/byLayer}}
import java.util.ArrayList;
import java.util.List;
import org.springframework.context.annotation.Primary;

/** Keeps what was announced, as long as a test runs. */
@Primary
public class Fake{{Entity}}EventPublisher implements {{Entity}}EventPublisher {

    private final List<{{Entity}}> told = new ArrayList<>();

    @Override
    public void {{entity}}Created({{Entity}} {{entity}}) {
        told.add({{entity}});
    }

    public List<{{Entity}}> told() {
        return List.copyOf(told);
    }
}
