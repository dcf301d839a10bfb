package app.blenner.server.file;

import org.springframework.data.jpa.repository.JpaRepository;

interface RenditionRepository extends JpaRepository<RenditionEntity, RenditionEntity.Key> {}
