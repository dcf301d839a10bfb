package app.blenner.server.item.words;

import org.springframework.data.jpa.repository.JpaRepository;

interface ItemWordsRepository extends JpaRepository<ItemWordsEntity, String> {}
