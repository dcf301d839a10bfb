package app.blenner.server.item;

import org.springframework.data.jpa.repository.JpaRepository;

interface LiveCopyRepository extends JpaRepository<LiveCopyEntity, String> {}
