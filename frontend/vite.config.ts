import vue from '@vitejs/plugin-vue'
import { ElementPlusResolver } from 'unplugin-vue-components/resolvers'
import Components from 'unplugin-vue-components/vite'
import { fileURLToPath } from 'node:url'
import { defineConfig } from 'vitest/config'
import { setInterpolations } from './setInterpolations.ts'

export default defineConfig({
  plugins: [
    vue({ template: { compilerOptions: { nodeTransforms: [setInterpolations] } } }),
    Components({
      dirs: [],
      dts: 'components.d.ts',
      resolvers: [ElementPlusResolver({ importStyle: 'css' })],
    }),
  ],
  resolve: { alias: { '@': fileURLToPath(new URL('./src', import.meta.url)) } },
  build: {
    outDir: '../public/build',
    emptyOutDir: true,
    rollupOptions: {
      output: {
        advancedChunks: {
          groups: [
            { name: 'vue', test: /node_modules[\\/](@vue|vue|vue-router|@tanstack)[\\/]/ },
            { name: 'element', test: /node_modules[\\/](element-plus|@element-plus|@floating-ui|lodash)/ },
          ],
        },
      },
    },
  },
  base: '/',
  server: { proxy: { '/api': 'http://127.0.0.1:8420' } },
  test: { environment: 'jsdom', include: ['tests/**/*.test.ts'], server: { deps: { inline: ['element-plus'] } } },
})
