package app.blenner.server.file;

import org.springframework.data.jpa.repository.JpaRepository;

interface StorageQuotaRepository extends JpaRepository<StorageQuotaEntity, Integer> {}
