package vividtrellis.core.entity;

/** Which names a project has no room for any more; what an entity is asked against. */
public interface EntityClashes {

  /** Nothing is in the way. */
  EntityClashes NONE =
      new EntityClashes() {
        @Override
        public boolean refusesEntity(String type) {
          return false;
        }

        @Override
        public boolean refusesField(String field) {
          return false;
        }

        @Override
        public boolean refusesChoice(String entity, String type) {
          return false;
        }
      };

  /** Whether no entity can be called so: its class, or one beside it, would clash. */
  boolean refusesEntity(String type);

  /** Whether no field can be called so: a language or a database has the word for itself. */
  boolean refusesField(String field);

  /** Whether the type of a choice would clash with another one. */
  boolean refusesChoice(String entity, String type);
}
