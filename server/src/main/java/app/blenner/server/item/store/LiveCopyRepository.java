package app.blenner.server.item.store;

import org.springframework.data.jpa.repository.JpaRepository;

public interface LiveCopyRepository extends JpaRepository<LiveCopyEntity, String> {}
