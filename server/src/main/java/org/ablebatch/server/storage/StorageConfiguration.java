package org.ablebatch.server.storage;

import org.ablebatch.server.AbleSettings;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

@Configuration
class StorageConfiguration {
  @Bean
  BlobStore blobStore(AbleSettings settings) {
    return new FolderBlobStore(settings.data().resolve("blobs"));
  }
}
