package {{package}}.{{storage}};

{{#byLayer}}
import {{package}}.domain.{{Entity}};
import {{package}}.domain.{{Entity}}Draft;
import {{package}}.domain.{{Entity}}Repository;
import {{package}}.domain.Stale{{Entity}}Exception;
{{/byLayer}}
import io.lettuce.core.ScriptOutputType;
import io.lettuce.core.api.StatefulRedisConnection;
import io.lettuce.core.api.sync.RedisCommands;
import jakarta.inject.Singleton;
import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;

/** Keeps each {{entityWords}} under a key of its own, and their numbers in a list. */
@Singleton
class Redis{{Entity}}Repository implements {{Entity}}Repository {

    private static final String LIST = "{{entityPath}}";

    /** Replaces what is kept under a key in one step, if it is still at a version. */
    private static final String REPLACE = """
            if redis.call('hget', KEYS[1], 'version') ~= ARGV[1] then
                return false
            end
            redis.call('del', KEYS[1])
            redis.call('hset', KEYS[1], unpack(ARGV, 2))
            return true
            """;

    private final RedisCommands<String, String> redis;

    Redis{{Entity}}Repository(StatefulRedisConnection<String, String> connection) {
        this.redis = connection.sync();
    }

    @Override
    public List<{{Entity}}> findAll(int page, int size) {
        long before = (long) page * size;
        return redis.lrange(LIST, before, before + size - 1).stream()
                .map(Long::valueOf)
                .flatMap(id -> findById(id).stream())
                .toList();
    }

    @Override
    public Optional<{{Entity}}> findById(long id) {
        Map<String, String> found = redis.hgetall(key(id));
        return found.isEmpty() ? Optional.empty() : Optional.of(read(id, found));
    }

    @Override
    public {{Entity}} create({{Entity}}Draft draft, Instant now) {
        {{Entity}} created = {{Entity}}.of(redis.incr("{{entityPath}}:last"), draft, now);
        redis.hset(key(created.id()), hash(created, draft));
        redis.rpush(LIST, Long.toString(created.id()));
        return created;
    }

    @Override
    public {{Entity}} change({{Entity}} before, {{Entity}}Draft draft, Instant now) {
        {{Entity}} changed = before.with(draft, now);
        List<String> arguments = new ArrayList<>(List.of(Long.toString(before.version())));
        hash(changed, draft).forEach((name, value) -> arguments.addAll(List.of(name, value)));
        String[] keys = {key(before.id())};
        Boolean replaced = redis.eval(REPLACE, ScriptOutputType.BOOLEAN, keys, arguments.toArray(new String[0]));
        if (!Boolean.TRUE.equals(replaced)) {
            throw new Stale{{Entity}}Exception(before.id());
        }
        return changed;
    }

    @Override
    public boolean remove(long id) {
        redis.lrem(LIST, 1, Long.toString(id));
        return redis.del(key(id)) > 0;
    }

    private static String key(long id) {
        return LIST + ":" + id;
    }

    /** All as texts; what is missing is not in it. */
    private static Map<String, String> hash({{Entity}} {{entity}}, {{Entity}}Draft draft) {
        Map<String, String> hash = new HashMap<>();
{{#fields}}
{{#optional}}
        if (draft.{{name}}() != null) {
            hash.put("{{name}}", {{{toHeld}}});
        }
{{/optional}}
{{#required}}
        hash.put("{{name}}", {{{toHeld}}});
{{/required}}
{{/fields}}
        hash.put("version", Long.toString({{entity}}.version()));
        hash.put("created", {{entity}}.created().toString());
        hash.put("changed", {{entity}}.changed().toString());
        return hash;
    }

    private static {{Entity}} read(long id, Map<String, String> found) {
        return new {{Entity}}(
                id,
{{#fields}}
                {{{read}}},
{{/fields}}
                Long.parseLong(found.get("version")),
                Instant.parse(found.get("created")),
                Instant.parse(found.get("changed")));
    }
}
