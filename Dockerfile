# Plicator in a container, reached by the name or address of the machine that runs it; docker logs shows the key:
# docker build -t plicator . && docker run -p 4310:4310 -v plicator:/data -e PLICATOR_HOSTS=bench.example plicator
FROM node:20-bookworm-slim AS build
RUN apt-get update && apt-get install -y --no-install-recommends build-essential python3 && rm -rf /var/lib/apt/lists/*
WORKDIR /app
COPY package.json package-lock.json ./
RUN npm ci --no-audit --no-fund
COPY . .
RUN npx react-router build && npm prune --omit=dev

FROM node:20-bookworm-slim
ENV NODE_ENV=production HOST=0.0.0.0 PORT=4310 PLICATOR_DATA=/data MALLOC_ARENA_MAX=2 \
  NODE_OPTIONS="--max-old-space-size=768"
WORKDIR /app
COPY --from=build /app/node_modules node_modules
COPY --from=build /app/build build
COPY --from=build /app/bin bin
COPY --from=build /app/package.json .
RUN mkdir /data && chown node:node /data
USER node
VOLUME /data
EXPOSE 4310
HEALTHCHECK --interval=30s --timeout=5s --start-period=20s \
  CMD node -e "fetch('http://127.0.0.1:4310/health').then(({ ok }) => process.exit(ok ? 0 : 1), () => process.exit(1))"
CMD ["node", "bin/serve.mjs"]
